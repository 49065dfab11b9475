import { isRoundFor, isRoundOn, type Round } from "../../rounds/listPasses";
import { staysOn } from "../../tape/planTape";
import type { EdgePiece } from "../../tape/tapePiece";

/** Whether a round paints up to an edge. */
export const isPaintedIn = ({ group, paints }: Round, { upTo }: Pick<EdgePiece, "upTo">): boolean =>
  upTo.some((side) => side.group === group && paints.has(side.paint));

/** Whether a round is for a piece that lies on a wall: what cuts the colour around a corner is for that wall's. */
export const isFor = (
  round: Round,
  { corner, beside }: Pick<EdgePiece, "corner" | "beside">,
  wall: string,
): boolean =>
  isRoundOn(round, corner ?? wall) && (!round.anew?.regions || beside.some((id) => isRoundFor(round, id)));

/** The places of the round for which a tape is laid and of that in which it comes off. */
export interface OnFor {
  readonly laid: number;
  readonly off: number;
}

/**
 * When the tape of an edge lies on it: for each round that paints up to it, or, where it stays on, once for all of them; but
 * off and on again around each further coat of what it lies on, whose group `under` is, and for a round to tape that is laid anew.
 */
export function laidFor(
  piece: EdgePiece,
  wall: string,
  rounds: readonly Round[],
  under: number | null,
): OnFor[] {
  const times: OnFor[] = [];
  let goesOn = false;
  rounds.forEach((round, place) => {
    if (!isFor(round, piece, wall)) return;
    if (round.group === under && round.paints.has(piece.over!)) goesOn = false;
    if (round.anew) goesOn = false;
    if (!isPaintedIn(round, piece)) return;
    const last = times.at(-1);
    if (goesOn && last) times[times.length - 1] = { ...last, off: place };
    else times.push({ laid: place, off: place });
    goesOn = staysOn(piece);
  });
  return times;
}
