import type { PlanMark } from "@/core/plan/planTypes";
import { narrowPx } from "@/ui/wall-view/useView";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { besideOf } from "./readingsBeside";

/** A reading stands across the way its marks go on, so it takes about the height of its letters of it, px. */
const roomPx = 20;

/**
 * Which marks are told beside the wall: so many of them that their readings stand apart, and the one that is pointed at. On a
 * narrow stage that one alone: the list tells the others, and the wall is worth more.
 */
export function readingsWithRoom(
  marks: readonly PlanMark[],
  { x, y, size }: Pick<LayerFrame, "x" | "y" | "size">,
  current: string | null,
): ReadonlySet<string> {
  const isNarrow = size.width < narrowPx;
  const shown = new Set<string>();
  const taken = new Map<string, number[]>();
  for (const mark of marks) {
    const row = besideOf(mark);
    const at = mark.axis === "x" ? x(mark.at) : y(mark.at);
    const others = taken.get(row) ?? [];
    const hasRoom = !isNarrow && others.every((other) => Math.abs(at - other) >= roomPx);
    if (hasRoom) taken.set(row, [...others, at]);
    if (hasRoom || mark.id === current) shown.add(mark.id);
  }
  return shown;
}
