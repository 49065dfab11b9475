import type { Wall } from "@/core/wall/schema";
import type { PlanMark, PlanTape } from "@/core/plan/planTypes";

/** What a mark is measured from: of a surveyed wall its plumb and level lines, else its left end and its floor. */
export function measuredFrom(mark: Pick<PlanMark, "axis" | "at">, { object, survey }: Wall): string {
  if (object) return mark.axis === "x" ? "from the left edge" : "from the lower edge";
  if (mark.axis === "x") return survey ? "from the left plumb line" : "from the left";
  if (!survey) return "from the floor";
  return mark.at < 0 ? "down from the level line" : "up from the level line";
}

/** Above and below a level line read differently at a glance; nothing where all is read one way. */
export function upOrDown(mark: Pick<PlanMark, "axis" | "at">, { survey }: Wall): "▲" | "▼" | "" {
  if (mark.axis === "x" || !survey) return "";
  return mark.at < 0 ? "▼" : "▲";
}

/** Along what the mark is made. */
export function madeAlong(mark: PlanMark, { object, survey }: Wall): string {
  const side = object ? "edge" : "end";
  const end = survey ? "on" : "up";
  return {
    level: "along the level line",
    left: `${end} the left ${side}`,
    right: `${end} the right ${side}`,
    top: "along the top",
    bottom: "along the bottom",
    line: "along the line",
  }[mark.on];
}

/** What to do at a mark once it is made. */
export function strikeFrom(mark: PlanMark): string {
  if (mark.on === "level") return "Plumb the line through it.";
  if (mark.carriedFrom)
    return "It is also carried around the corner: both must meet. Then carry it level to the right end.";
  if (mark.on === "left") return "Carry it level to the right end.";
  return "Join it to the other mark of this line.";
}

/** Where the tape lies, said at the mark. */
export const tapeWords = ({ centred, lies }: Pick<PlanTape, "centred" | "lies">): string =>
  centred ? "centred on the line" : sideWords[lies];

const sideWords = {
  left: "left of the mark",
  right: "right of the mark",
  above: "above the line",
  below: "below the line",
  inside: "inside the curve",
  outside: "outside the curve",
} as const;
