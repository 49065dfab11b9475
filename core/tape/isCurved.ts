import type { TapePiece } from "./planTape";
import type { Edges } from "./schema";

/** Whether a piece follows a curve, which straight tape does not: narrow flexible tape goes under it. */
export const isCurved = ({ path }: Pick<TapePiece, "path">): boolean =>
  path.some(({ kind }) => kind === "arc");

/** Whether an edge is cut in by hand: a curve between two colours, where the painter cuts those in. */
export const isByHand = (
  piece: Pick<TapePiece, "path" | "over">,
  { curves }: Pick<Edges, "curves">,
): boolean => curves === "hand" && piece.over !== null && isCurved(piece);
