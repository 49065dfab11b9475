import type { Round } from "../rounds/listPasses";
import type { WorkInput } from "../work/workInput";
import type { JobWork } from "./contribute";
import type { LaidOutJob } from "./orderedWall";
import type { PlanRound } from "../plan/planTypes";

/** The rounds with their regions and the rounds whose paint has to take tape before. */
export const describeRounds = (laidOut: LaidOutJob, { site }: JobWork): PlanRound[] =>
  site.rounds.map((_, place) => describeRound(laidOut, place, site));

function describeRound(
  { job, walls }: LaidOutJob,
  place: number,
  { rounds, laid: laidTape }: WorkInput,
): PlanRound {
  const round = rounds[place]!;
  const paintOf = new Map(job.paints.map((paint) => [paint.id, paint]));
  const waits = new Map<number, number>();
  const regions: string[] = [];
  for (const { laid, groups, wall } of walls) {
    if (!laid) continue;
    laid.pattern.regions.forEach(({ id, colour }, index) => {
      if (groups[index] === round.group && round.paints.has(colour)) regions.push(id);
    });
    for (const piece of laidTape.get(wall.id)![place]!) {
      if (piece.over === null) continue;
      // A base that is already on the wall has long dried; one that the job paints is round 0.
      if (piece.over === wall.base && wall.baseState === "on") continue;
      const before = piece.over === wall.base ? 0 : roundBefore(rounds, round, groups[piece.under!]!);
      waits.set(before, Math.max(waits.get(before) ?? 0, paintOf.get(piece.over)!.tapeOverMin));
    }
  }
  return {
    round: round.round,
    ...(round.coat !== undefined && { coat: round.coat }),
    regions,
    waitsFor: [...waits]
      .sort(([a], [b]) => a - b)
      .map(([before, minutes]) => ({ round: before, what: "tape-over" as const, minutes })),
  };
}

/** The latest earlier round in which a group was painted. */
const roundBefore = (rounds: readonly Round[], { round }: Round, group: number): number =>
  rounds.findLast((other) => other.round < round && other.group === group)?.round ?? 0;
