import { isCurved } from "./isCurved";
import type { Handwork, TapePiece } from "./tapePiece";
import type { Edges } from "./schema";

/**
 * How an edge is done without tape; null where it is taped. On the arris of an external corner tape tends to fail, so the
 * last strip is floated on with a wide brush unless tape is asked for. Between two colours curves and straight edges are
 * cut in where the painter does so; a line that the tape itself leaves visible cannot be.
 */
export function handworkOf(
  piece: Pick<TapePiece, "path" | "over" | "centred" | "onArris">,
  { curves, straight, externalCorner }: Pick<Edges, "curves" | "straight" | "externalCorner">,
): Handwork | null {
  if (piece.onArris) return externalCorner === "float" ? "float" : null;
  if (piece.over === null || piece.centred) return null;
  return (isCurved(piece) ? curves : straight) === "hand" ? "cut" : null;
}
