import { isCurved } from "../../tape/isCurved";
import type { EdgePiece } from "../../tape/planTape";
import { curvedTapingShare } from "../../trade/constants";
import type { Rates } from "../schema";

/** How long pieces of tape take to be laid; a curve is laid at a part of the pace. */
export const tapingMinutesOf = (pieces: readonly EdgePiece[], rates: Rates): number =>
  pieces.reduce(
    (sum, piece) => sum + (piece.length / 1000) * (isCurved(piece) ? 1 / curvedTapingShare : 1),
    0,
  ) / rates.taping_m_min;
