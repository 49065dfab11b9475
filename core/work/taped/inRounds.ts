import type { Round } from "../../rounds/listPasses";
import { staysOn } from "../../tape/planTape";
import type { EdgePiece } from "../../tape/tapePiece";

/** Whether a round paints up to an edge. */
export const isPaintedIn = ({ group, paints }: Round, { upTo }: Pick<EdgePiece, "upTo">): boolean =>
  upTo.some((side) => side.group === group && paints.has(side.paint));

/** The place of the first round that paints up to an edge; -1 where none does. */
export const firstRound = (piece: EdgePiece, rounds: readonly Round[]): number =>
  rounds.findIndex((round) => isPaintedIn(round, piece));

/** The place of the round in which a tape comes off that is laid in a round. */
export const lastRound = (piece: EdgePiece, rounds: readonly Round[], laidIn: number): number =>
  staysOn(piece) ? rounds.findLastIndex((round) => isPaintedIn(round, piece)) : laidIn;
