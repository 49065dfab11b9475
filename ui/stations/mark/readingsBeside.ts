import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import type { Margins } from "@/ui/wall-view/useView";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

/** On which side of the wall a reading stands, so that none covers the pattern. */
export type Beside = "top" | "foot" | "left" | "right";

/** What is read along the wall stands at its foot, or over its top where it is made there; heights at the end where they are made. */
export const besideOf = ({ axis, on }: Pick<PlanMark, "axis" | "on">): Beside =>
  axis === "x" ? (on === "top" ? "top" : "foot") : on === "right" ? "right" : "left";

/** A reading as it is drawn is so long at most, px. */
const readingPx = 66;
/** Between the wall and what stands beside it, px. */
export const gapPx = 16;

/** What of the stage the readings of a wall need around it. */
export function roomForReadings({ marks }: Pick<PlanWall, "marks">): Margins {
  const sides = new Set(marks.map(besideOf));
  const need = (side: Beside, usual: number) => (sides.has(side) ? readingPx + gapPx - usual : 0);
  // At its foot and on its right there is some room anyway.
  return { left: need("left", 0), top: need("top", 0), right: need("right", 18), bottom: need("foot", 44) };
}

/** Where a reading begins, how it is turned, and the end of a fine line from the wall to it. */
export interface Stand {
  readonly x: number;
  readonly y: number;
  readonly turn: 0 | -90;
  readonly anchor: "start" | "end";
}

/** Beside the wall, but never off the stage when that is zoomed in. */
export function standOf(mark: PlanMark, { x, y, size, box }: LayerFrame): Stand {
  const side = besideOf(mark);
  switch (side) {
    case "foot":
      return {
        x: x(mark.at),
        y: Math.min(y(box.minY) + gapPx, size.height - readingPx),
        turn: -90,
        anchor: "end",
      };
    case "top":
      return { x: x(mark.at), y: Math.max(y(box.maxY) - gapPx, readingPx), turn: -90, anchor: "start" };
    case "left":
      return { x: Math.max(x(box.minX) - gapPx, readingPx), y: y(mark.at), turn: 0, anchor: "end" };
    case "right":
      return {
        x: Math.min(x(box.maxX) + gapPx, size.width - readingPx),
        y: y(mark.at),
        turn: 0,
        anchor: "start",
      };
    default:
      return side satisfies never;
  }
}
