import type { OwnContribution } from "./contributionsOf";
import { flattenPath } from "../geometry/flatten";
import { isCurved } from "../tape/isCurved";
import type { WorkSite } from "../work/site";
import type { Step } from "../work/step";
import type { TapePlan } from "../work/taped/tapePlan";
import type { OrderedWall } from "./orderedWall";
import { linesOfTape } from "./linesOfTape";
import type { PlanPoint, PlanTape, PlanWall } from "./planTypes";

/** The rounds, and the tape that is laid in each. */
export type Taping = Pick<WorkSite, "rounds" | "laid">;

/** What of the work is told on the walls: how long prints take, and when tape is laid and comes off. */
export interface TimedWork {
  readonly steps: readonly Step[];
  readonly tapePlan: TapePlan | null;
  /** What the finishes bring of their own. */
  readonly own: readonly OwnContribution[];
}

/** Masks around a base (round 0); each boundary once a round that paints up to it, and masks around what is painted. */
export function describeTape(
  { wall, laid, baseMasks }: OrderedWall,
  taping: Taping,
  lines: PlanWall["lines"],
): PlanTape[] {
  const lineOf = linesOfTape(lines);
  const inRounds = [
    { round: { round: 0 }, pieces: baseMasks.filter(({ byHand }) => byHand === null) },
    ...taping.rounds.map((round, place) => ({ round, pieces: taping.laid.get(wall.id)![place]! })),
  ];
  return inRounds.flatMap(({ round, pieces }) =>
    pieces.map((piece, index): PlanTape => {
      const path = flattenPath(piece.path).map(({ x, y }): PlanPoint => [x, y]);
      const line = piece.cuts === null || isCurved(piece) ? undefined : lineOf(path);
      return {
        id: `${wall.id}/tape-${round.round}-${index + 1}`,
        path,
        length: piece.length,
        lies: piece.lies,
        over: piece.over,
        ...(line !== undefined && { line }),
        ...(piece.under !== null && { overRegion: laid!.pattern.regions[piece.under]!.id }),
        ...(piece.cuts !== null && { cuts: piece.cuts }),
        ...(piece.andCuts !== null && { andCuts: piece.andCuts }),
        ...(piece.centred && { centred: true as const }),
        ...(piece.against !== null && { against: piece.against }),
        ...(piece.corner !== null && { corner: piece.corner }),
        round: round.round,
        seal: piece.sealPaint,
        sealWith: piece.sealWith,
        width: piece.width,
        ...(isCurved(piece) && { flexible: true as const }),
      };
    }),
  );
}

/** The same tape with the steps in which it is laid and comes off. */
export function timeTape({ id, tape }: PlanWall, { tapePlan }: TimedWork): PlanTape[] {
  const steps = tapePlan?.stepsOf(id) ?? [];
  return steps.length === tape.length ? tape.map((piece, index) => ({ ...piece, ...steps[index] })) : tape;
}
