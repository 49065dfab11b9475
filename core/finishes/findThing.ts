import type { Fixture, Opening } from "../wall/schema";
import type { Strip } from "../wall/strip";

/** An opening or fixture of a strip by its id, placed in the strip; null for one that is not there. */
export function findThing({ parts }: Strip, id: string): Opening | Fixture | null {
  for (const { wall, offset } of parts) {
    const thing = [...wall.openings, ...wall.fixtures].find((candidate) => candidate.id === id);
    if (thing) return { ...thing, x: thing.x + offset };
  }
  return null;
}
