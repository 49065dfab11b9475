import { listPasses, type Pass, type School } from "../rounds/listPasses";
import { isByHand } from "../tape/isCurved";
import type { TapePiece } from "../tape/planTape";
import type { OrderedWall } from "./orderWalls";
import type { Job } from "./schema";

/** The rounds of a job in a school: round k of every wall is one round. */
export function passesOf(job: Job, walls: readonly OrderedWall[], school: School): Pass[] {
  return listPasses(coatsOfGroups(job, walls), school, job.edges.seal === "caulk" ? "each coat" : "once");
}

/** The most coats that any paint of each group takes, over all walls. */
function coatsOfGroups(job: Job, walls: readonly OrderedWall[]): number[] {
  const coatsOf = new Map(job.paints.map((paint) => [paint.id, paint.coats]));
  const most: number[] = [];
  for (const { laid, groups } of walls) {
    groups.forEach((group, index) => {
      if (group === 0) return;
      const coats = coatsOf.get(laid!.pattern.regions[index]!.colour)!;
      most[group - 1] = Math.max(most[group - 1] ?? 0, coats);
    });
  }
  return most;
}

/** A wall's tape in one round: what is painted up to in it and not cut in by hand. */
export function tapeOfPass<Piece extends TapePiece>(job: Job, tape: readonly Piece[], pass: Pass): Piece[] {
  const coatsOf = new Map(job.paints.map((paint) => [paint.id, paint.coats]));
  return tape.filter(
    (piece) =>
      piece.group === pass.group &&
      (pass.coat ?? 1) <= coatsOf.get(piece.paints)! &&
      !isByHand(piece, job.edges),
  );
}
