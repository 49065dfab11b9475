import type { PlanMark } from "@/core/plan/planTypes";
import { besideOf } from "./readingsBeside";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

/** A reading stands across the way its marks go on, so it takes about the height of its letters of it, px. */
const roomPx = 20;
/** On a narrow stage the plates and the pattern under them are worth more than readings that the list tells. */
const narrowPx = 500;
const narrowRoomPx = 44;

/** Which marks are told on the wall: so many of them that their readings stand apart, and the one that is pointed at. */
export function readingsWithRoom(
  marks: readonly PlanMark[],
  { x, y, size }: Pick<LayerFrame, "x" | "y" | "size">,
  current: string | null,
): ReadonlySet<string> {
  const room = size.width < narrowPx ? narrowRoomPx : roomPx;
  const shown = new Set<string>();
  const taken = new Map<string, number[]>();
  for (const mark of marks) {
    const row = besideOf(mark);
    const at = mark.axis === "x" ? x(mark.at) : y(mark.at);
    const others = taken.get(row) ?? [];
    const hasRoom = others.every((other) => Math.abs(at - other) >= room);
    if (hasRoom) taken.set(row, [...others, at]);
    if (hasRoom || mark.id === current) shown.add(mark.id);
  }
  return shown;
}
