import type { Loads } from "./loadsInTurn";
import type { OwnContribution } from "./contributionsOf";
import { flattenPath } from "../geometry/flatten";
import { isCurved } from "../tape/isCurved";
import type { WorkInput } from "../work/workInput";
import { isPeeling, isTaping } from "../work/act";
import type { ScheduledStep } from "../sequence/scheduledStep";
import type { OrderedWall } from "./orderedWall";
import { laidBefore } from "../tape/nameTape";
import { againMm } from "../trade/constants";
import { linesOfTape } from "./linesOfTape";
import type { PlanPoint, PlanTape, PlanWall } from "../plan/planTypes";

/** The rounds, and the tape that is laid in each. */
export type Taping = Pick<WorkInput, "rounds" | "laid" | "tapeIds" | "baseMasks">;

/** What of the work is told on the walls: how long prints take, and when tape is laid and comes off. */
export interface TimedWork {
  readonly steps: readonly ScheduledStep[];
  readonly loads: Loads;
  /** What the finishes bring of their own. */
  readonly own: readonly OwnContribution[];
}

/** Masks around a base (round 0); each boundary once a round that paints up to it, and masks around what is painted. */
export function describeTape(
  { wall, laid }: OrderedWall,
  taping: Taping,
  lines: PlanWall["lines"],
): PlanTape[] {
  const lineOf = linesOfTape(lines);
  const inRounds = [
    { round: { round: 0 }, pieces: taping.baseMasks.get(wall.id)! },
    ...taping.rounds.map((round, place) => ({ round, pieces: taping.laid.get(wall.id)![place]! })),
  ];
  const ids = taping.tapeIds.get(wall.id)!;
  const before = laidBefore(
    wall.id,
    inRounds.map(({ pieces }) => pieces),
  );
  return inRounds.flatMap(({ round, pieces }, turn) =>
    pieces.map((piece, index): PlanTape => {
      const path = flattenPath(piece.path).map(({ x, y }): PlanPoint => [x, y]);
      const line = piece.cuts === null || isCurved(piece) ? undefined : lineOf(path);
      return {
        id: ids[turn]![index]!,
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
        ...(piece.cuts !== null && before[turn]![index]! > 0 && { again: before[turn]![index]! * againMm }),
        round: round.round,
        seal: piece.sealPaint,
        sealWith: piece.sealWith,
        width: piece.width,
        ...(isCurved(piece) && { flexible: true as const }),
      };
    }),
  );
}

/** The step in which each piece of tape is laid, and that in which it comes off, by its id. */
export interface TapeTimes {
  readonly laidIn: ReadonlyMap<string, string>;
  readonly offIn: ReadonlyMap<string, string>;
}

export function tapeTimes(steps: readonly ScheduledStep[]): TapeTimes {
  const [laidIn, offIn] = [new Map<string, string>(), new Map<string, string>()];
  for (const { step } of steps) {
    for (const one of step.does) {
      const times = one.of !== "tape" ? null : isTaping(one) ? laidIn : isPeeling(one) ? offIn : null;
      if (times) for (const id of one.ids) times.set(id, step.id);
    }
  }
  return { laidIn, offIn };
}

/** The same tape with the steps in which it is laid and comes off. */
export const timeTape = ({ tape }: PlanWall, { laidIn, offIn }: TapeTimes): PlanTape[] =>
  tape.map((piece) => {
    const [laid, off] = [laidIn.get(piece.id), offIn.get(piece.id)];
    return laid === undefined || off === undefined ? piece : { ...piece, laidIn: laid, offIn: off };
  });
