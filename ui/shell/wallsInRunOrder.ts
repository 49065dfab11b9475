import type { Job } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";

export interface PlacedWall {
  readonly wall: Wall;
  /** Whether it goes on around the corner from the wall before it. */
  readonly isJoined: boolean;
}

/** The walls as one walks past them: a run stands together, in its order, where its first wall is. */
export function wallsInRunOrder({ walls, runs }: Pick<Job, "walls" | "runs">): PlacedWall[] {
  const placed: PlacedWall[] = [];
  const seen = new Set<string>();
  const place = (id: string, isJoined: boolean) => {
    const wall = walls.find((candidate) => candidate.id === id);
    if (!wall || seen.has(id)) return;
    seen.add(id);
    placed.push({ wall, isJoined });
  };
  for (const { id } of walls) {
    const run = runs.find((candidate) => candidate.walls.includes(id));
    for (const [index, other] of (run?.walls ?? [id]).entries()) {
      // A wall that is already there with another run does not draw this one's next wall to it.
      place(other, index > 0 && placed.at(-1)?.wall.id === run!.walls[index - 1]);
    }
  }
  return placed;
}
