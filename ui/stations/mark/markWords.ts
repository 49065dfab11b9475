import type { PlanMark } from "@/core/job/planTypes";

/** Where the tape measure is hooked for a mark. */
export function measuredFrom(mark: PlanMark): string {
  return mark.axis === "x" ? "left" : "floor";
}

/** Along what the mark is made. */
export function madeAlong(mark: PlanMark): string {
  return {
    level: "along the level line",
    left: "up the left end",
    right: "up the right end",
    top: "along the top",
    bottom: "along the bottom",
    line: "along the line",
  }[mark.on];
}

/** What to do at a mark once it is made. */
export function strikeFrom(mark: PlanMark): string {
  if (mark.on === "level") return "Plumb the line through it.";
  if (mark.on === "left") return "Carry it level to the right end.";
  return "Join it to the other mark of this line.";
}

/** Where the tape lies, said at the mark. */
export const sideWords = {
  left: "left of the mark",
  right: "right of the mark",
  above: "above the line",
  below: "below the line",
  inside: "inside the curve",
  outside: "outside the curve",
} as const;
