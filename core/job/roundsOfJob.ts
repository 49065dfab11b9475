import { groupBy } from "../geometry/groupBy";
import { listPasses, roundsOf, type Round, type School } from "../rounds/listPasses";
import type { EdgePiece } from "../tape/planTape";
import type { LaidOutJob } from "./layOutJob";

/** The rounds of a job in a school: round k of every wall is one round. */
export function roundsOfJob({ job, walls }: LaidOutJob, school: School): Round[] {
  const coatsOf = new Map(job.paints.map((paint) => [paint.id, paint.coats]));
  const coatsOfGroups: number[] = [];
  for (const { laid, groups } of walls) {
    groups.forEach((group, index) => {
      if (group === 0) return;
      const coats = coatsOf.get(laid!.pattern.regions[index]!.colour)!;
      coatsOfGroups[group - 1] = Math.max(coatsOfGroups[group - 1] ?? 0, coats);
    });
  }
  const taping = job.edges.seal === "caulk" ? "each coat" : "once";
  return roundsOf(listPasses(coatsOfGroups, school, taping), coatsOf);
}

/** The tape of each wall in each round: what is painted up to in it and not cut in by hand. */
export function tapeInRounds(
  { walls }: LaidOutJob,
  rounds: readonly Round[],
): Map<string, readonly (readonly EdgePiece[])[]> {
  return new Map(
    walls.map(({ wall, tape }) => {
      const ofGroup = groupBy(
        tape.filter(({ byHand }) => !byHand),
        ({ group }) => group,
      );
      const inRounds = rounds.map(({ group, coat, paints }) => {
        const pieces = ofGroup.get(group) ?? [];
        return coat === undefined ? pieces : pieces.filter((piece) => paints.has(piece.paints));
      });
      return [wall.id, inRounds];
    }),
  );
}
