import type { Texture } from "../trade/constants";
import type { TapePiece } from "./planTape";
import type { Edges } from "./schema";

/** What keeps paint from creeping under a tape. */
export type Seal = "colour" | "clear" | "white" | "press";

/**
 * The seal of one edge by school, texture and neighbour. On a colour of the job the school decides; a texture that an
 * edge only pressed down would not follow asks for the colour under the tape instead. Trim and casings are smooth and
 * are pressed; a ceiling or a neighbour wall is not of the job's colours, so where its texture asks for more than
 * pressing it is a clear film.
 */
export function sealEdge(
  { over, against }: Pick<TapePiece, "over" | "against">,
  texture: Texture,
  { seal, caulk }: Edges,
): Seal {
  if (seal === "caulk") return caulk;
  if (over !== null) return seal === "press" && texture !== "smooth" ? "colour" : seal;
  const isSmooth = texture === "smooth" || against === "trim" || against === "opening";
  return isSmooth ? "press" : "clear";
}

export const isCaulk = (seal: Seal): boolean => seal === "clear" || seal === "white";

/** When a wall's tape comes off. */
export interface Peel {
  readonly when: "wet" | "dry";
  readonly why: "crisp" | "relief" | "asked";
}

/** Wet while the last coat tacks leaves the crispest edge; over relief a dry film holds better where tape bridges. */
export function choosePeel(texture: Texture, { peel }: Edges): Peel {
  if (peel !== "auto") return { when: peel, why: "asked" };
  const isRelief = texture === "heavy" || texture === "brick" || texture === "boards";
  return isRelief ? { when: "dry", why: "relief" } : { when: "wet", why: "crisp" };
}
