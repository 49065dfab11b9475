import type { Job } from "./schema";

/** Each wall of a run with the next; around a room the last with the first. */
export function cornersInTurn({ walls, closes }: Job["runs"][number]): (readonly [string, string])[] {
  const pairs = walls.slice(1).map((id, place) => [walls[place]!, id] as const);
  return closes && walls.length > 2 ? [...pairs, [walls.at(-1)!, walls[0]!]] : pairs;
}
