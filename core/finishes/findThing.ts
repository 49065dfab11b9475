import type { Fixture, Opening } from "../wall/schema";
import type { Strip } from "../wall/strip";

/** What lies around several things: from the least foot to the highest top, from the leftmost side to the rightmost. */
export function boxAround(
  strip: Strip,
  ids: string | readonly string[],
): { readonly x: number; readonly y: number; readonly width: number; readonly height: number } {
  const things = [ids].flat().map((id) => findThing(strip, id)!);
  const [x, y] = [Math.min(...things.map((thing) => thing.x)), Math.min(...things.map((thing) => thing.y))];
  return {
    x,
    y,
    width: Math.max(...things.map((thing) => thing.x + thing.width)) - x,
    height: Math.max(...things.map((thing) => thing.y + thing.height)) - y,
  };
}

/** An opening or fixture of a strip by its id, placed in the strip; null for one that is not there. */
export function findThing({ parts }: Strip, id: string): Opening | Fixture | null {
  for (const { wall, offset } of parts) {
    const thing = [...wall.openings, ...wall.fixtures].find((candidate) => candidate.id === id);
    if (thing) return { ...thing, x: thing.x + offset };
  }
  return null;
}
