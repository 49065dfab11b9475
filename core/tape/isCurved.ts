import type { TapePiece } from "./tapePiece";

/** Whether a piece follows a curve, which straight tape does not: narrow flexible tape goes under it. */
export const isCurved = ({ path }: Pick<TapePiece, "path">): boolean =>
  path.some(({ kind }) => kind === "arc");
