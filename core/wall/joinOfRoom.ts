import type { Opening, Run, Wall } from "./schema";

/** Behind a door that stands open, or in a window's corner, nobody looks: so near to a corner such an opening begins, mm. */
const hiddenWithinMm = 300;

/**
 * Around a room a pattern's end meets its beginning in one corner: that which is asked for, else the least seen, beside a door
 * or else a window; where there is none, between the last wall and the first. Answers its two walls; null where a run is open.
 */
export function joinOfRoom(
  { walls: ids, closes, hides }: Pick<Run, "walls" | "closes" | "hides">,
  walls: readonly Wall[],
): readonly [string, string] | null {
  if (!closes || ids.length < 3) return null;
  if (hides) return hides;
  const corners = ids.map((id, place) => [id, ids[(place + 1) % ids.length]!] as const);
  const wallOf = (id: string) => walls.find((wall) => wall.id === id);
  const rated = corners.map((corner, place) => {
    const [before, after] = corner.map(wallOf);
    const beside = [...(before ? atEnd(before, "right") : []), ...(after ? atEnd(after, "left") : [])];
    return { corner, place, seen: Math.min(Infinity, ...beside) };
  });
  return rated.reduce((least, other) => (other.seen <= least.seen ? other : least)).corner;
}

/** How much openings at an end of a wall leave to be seen of its corner: a door less than a window, and each by how near it is. */
function atEnd({ openings, width }: Wall, end: "left" | "right"): number[] {
  return openings.flatMap(({ kind, x, width: wide, casing }: Opening) => {
    const off = (end === "left" ? x : width - x - wide) - casing;
    if (off > hiddenWithinMm || (kind !== "door" && kind !== "window")) return [];
    return [off + (kind === "door" ? 0 : hiddenWithinMm)];
  });
}
