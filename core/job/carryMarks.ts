import type { CarriedFrom, Mark } from "../setout/listMarks";
import type { LaidOutWall } from "./layOutWalls";
import type { LayoutInput } from "./layoutInput";

/** Heights of one line on both sides of a corner differ by less than this, mm. */
const sameHeightMm = 0.5;

/**
 * Says of each mark at a wall's left end from which mark of the wall before it in a run it carries around the corner:
 * of the same line, at that wall's right end. Both are still read from their own wall's datum, which proves the corner.
 */
export function carryMarks(
  { runs }: Pick<LayoutInput, "runs">,
  walls: readonly LaidOutWall[],
): LaidOutWall[] {
  const byId = new Map(walls.map((wall) => [wall.wall.id, wall]));
  const before = new Map<string, LaidOutWall[]>();
  for (const run of runs) {
    run.walls.slice(1).forEach((id, place) => {
      const neighbour = byId.get(run.walls[place]!);
      if (neighbour) before.set(id, [...(before.get(id) ?? []), neighbour]);
    });
  }
  return walls.map((wall) => {
    const neighbours = before.get(wall.wall.id);
    if (!neighbours) return wall;
    const marks = wall.marks.map((mark): Mark => {
      const carriedFrom = sourceOf(mark, neighbours);
      return carriedFrom ? { ...mark, carriedFrom } : mark;
    });
    return { ...wall, marks };
  });
}

function sourceOf(mark: Mark, neighbours: readonly LaidOutWall[]): CarriedFrom | null {
  if (mark.on !== "left") return null;
  for (const { wall, marks, checks } of neighbours) {
    const found = [...marks, ...checks].find(
      ({ on, line, at }) => on === "right" && line === mark.line && Math.abs(at - mark.at) < sameHeightMm,
    );
    if (found) return { wall: wall.id, mark: found.id };
  }
  return null;
}
