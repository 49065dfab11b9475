import { withoutBoardsOf } from "@/core/job/boardsOfDocument";
import { freshId, type JobDocument } from "./jobDocument";

type RunDocument = NonNullable<JobDocument["runs"]>[number];

const changeRun = (
  document: JobDocument,
  id: string,
  change: (walls: readonly string[]) => string[],
): JobDocument =>
  withRuns(
    document,
    (document.runs ?? []).map((run) => (run.id === id ? ofWalls(run, change(run.walls)) : run)),
  );

/** A run with other walls: of fewer than three none closes, and where its join hides is said anew. */
function ofWalls({ closes, hides: _, ...run }: RunDocument, walls: string[]): RunDocument {
  return { ...run, walls, ...(closes && walls.length > 2 && { closes }) };
}

/** Whether the walls of a run are all around a room, so that the last corner meets the first. */
export const closeRun = (document: JobDocument, id: string, closes: boolean): JobDocument =>
  withRuns(
    document,
    (document.runs ?? []).map((run) => {
      if (run.id !== id) return run;
      const open = ofWalls({ ...run, closes: false }, [...run.walls]);
      return closes ? { ...open, closes } : open;
    }),
  );

/** Between which two walls of a room patterns that go around it have their join; null: where it is least seen. */
export const hideJoin = (
  document: JobDocument,
  id: string,
  corner: readonly [string, string] | null,
): JobDocument =>
  withRuns(
    document,
    (document.runs ?? []).map((run) => {
      if (run.id !== id) return run;
      const { hides: _, ...shown } = run;
      return corner ? { ...shown, hides: [...corner] } : shown;
    }),
  );

/** A run of one wall is none: it goes, and a finish that lay on it stays on the wall that is left. */
function withRuns(document: JobDocument, runs: readonly RunDocument[]): JobDocument {
  const left = new Map(
    runs.filter(({ walls }) => walls.length < 2).map(({ id, walls }) => [id, walls[0]] as const),
  );
  return {
    ...document,
    runs: runs.filter(({ id }) => !left.has(id)),
    finishes: document.finishes.flatMap((finish) => {
      if (!left.has(finish.on)) return [finish];
      const wall = left.get(finish.on);
      return wall === undefined ? [] : [{ ...finish, on: wall }];
    }),
  };
}

/** Joins `next` to the right of `wall` (and of the run that it ends); makes a run where there is none. */
export function joinToRun(document: JobDocument, wall: string, next: string): JobDocument {
  const runs = document.runs ?? [];
  const [ofWall, ofNext] = [wall, next].map((id) => runs.find(({ walls }) => walls.includes(id)));
  if (ofWall) {
    return changeRun(document, ofWall.id, (walls) => {
      const place = walls.indexOf(wall) + 1;
      return [...walls.slice(0, place), next, ...walls.slice(place)];
    });
  }
  if (ofNext) {
    return changeRun(document, ofNext.id, (walls) => {
      const place = walls.indexOf(next);
      return [...walls.slice(0, place), wall, ...walls.slice(place)];
    });
  }
  const id = freshId(`${wall}-and-${next}`, [...document.walls, ...runs]);
  return { ...document, runs: [...runs, { id, walls: [wall, next] }] };
}

/** Moves a wall one place to the left (-1) or right (1) within its run. */
export const moveInRun = (document: JobDocument, run: string, wall: string, by: -1 | 1): JobDocument =>
  changeRun(document, run, (walls) => {
    const from = walls.indexOf(wall);
    const to = from + by;
    if (to < 0 || to >= walls.length) return [...walls];
    const moved = walls.filter((id) => id !== wall);
    moved.splice(to, 0, wall);
    return moved;
  });

/** Takes a wall out of a run. */
export const leaveRun = (document: JobDocument, run: string, wall: string): JobDocument =>
  changeRun(document, run, (walls) => walls.filter((id) => id !== wall));

/** Takes a wall out of the job, with what lay on it alone. */
export function removeWall(document: JobDocument, wall: string): JobDocument {
  const gone = document.finishes.flatMap(({ id, on }) => (on === wall && id ? [{ finish: id }] : []));
  const without = {
    ...withoutBoardsOf(document, ...gone),
    walls: document.walls.filter(({ id }) => id !== wall),
    finishes: document.finishes.filter(({ on }) => on !== wall),
  };
  return withRuns(
    without,
    (document.runs ?? []).map((run) => ({ ...run, walls: run.walls.filter((id) => id !== wall) })),
  );
}

/** A copy of a wall with a name and an id of its own, behind it. What is laid on it stays with the first. */
export function copyWall(document: JobDocument, wall: string): { document: JobDocument; id: string } {
  const from = document.walls.findIndex(({ id }) => id === wall);
  const original = document.walls[from]!;
  const id = freshId(`${original.id}-copy`, [...document.walls, ...(document.runs ?? [])]);
  const copy = { ...structuredClone(original), id, name: `${original.name ?? original.id}, copy` };
  return { document: { ...document, walls: document.walls.toSpliced(from + 1, 0, copy) }, id };
}
