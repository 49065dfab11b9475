import type { PlanMark, PlanWall } from "./planTypes";
import type { Job } from "./schema";

/**
 * Says of each mark at a wall's left end from which mark of the wall before it in a run it carries around the corner:
 * of the same line, at that wall's right end. Both are still read from their own wall's datum, which proves the corner.
 */
export function carryMarks(job: Job, walls: readonly PlanWall[]): PlanWall[] {
  const byId = new Map(walls.map((wall) => [wall.id, wall]));
  const before = new Map<string, PlanWall[]>();
  for (const run of job.runs) {
    run.walls.slice(1).forEach((id, place) => {
      before.set(id, [...(before.get(id) ?? []), byId.get(run.walls[place]!)!]);
    });
  }
  return walls.map((wall) => {
    const neighbours = before.get(wall.id);
    if (!neighbours) return wall;
    const carry = (mark: PlanMark): PlanMark => {
      const from = mark.on === "left" ? sourceOf(mark, wall, neighbours) : null;
      return from ? { ...mark, carriedFrom: from } : mark;
    };
    return { ...wall, marks: wall.marks.map(carry) };
  });
}

function sourceOf(
  mark: PlanMark,
  wall: PlanWall,
  neighbours: readonly PlanWall[],
): PlanMark["carriedFrom"] | null {
  const line = mark.id.slice(wall.id.length, mark.id.lastIndexOf("/"));
  for (const neighbour of neighbours) {
    const stem = `${neighbour.id}${line}/`;
    const found = [...neighbour.marks, ...neighbour.checks].find(
      (other) => other.on === "right" && other.id.startsWith(stem) && Math.abs(other.at - mark.at) < 0.5,
    );
    if (found) return { wall: neighbour.id, mark: found.id };
  }
  return null;
}
