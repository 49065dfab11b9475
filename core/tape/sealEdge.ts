import type { Seal } from "./tapePiece";
import type { Texture } from "../trade/constants";
import type { TapePiece } from "./tapePiece";
import type { Edges } from "./schema";

/** What a mask lies on that is no colour of the pattern: a ceiling, or trim at the floor, as far as it is told. */
export interface Under {
  readonly texture: "smooth" | "light" | "heavy";
  /** Its very paint. */
  readonly paint: string | null;
  /** Whether that is at hand or can be bought. */
  readonly isToBeHad: boolean;
}

/** How one edge is sealed, and with which paint where it is sealed with a colour. */
export interface EdgeSeal {
  readonly sealWith: Seal;
  readonly sealPaint: string | null;
}

/**
 * The seal of one edge by school, texture and neighbour. On a colour of the job the school decides; a texture that an
 * edge only pressed down would not follow asks for the colour under the tape instead. Trim and casings are smooth and
 * are pressed. A ceiling decides by itself: what is rough or of another colour than what is painted up to it is sealed with
 * its own paint where that is to be had, else with a clear film, and what is rough is never only pressed. Of a ceiling or
 * neighbour that nothing is told of, the wall's texture is taken.
 */
export function sealEdge(
  piece: Pick<TapePiece, "over" | "against" | "upTo">,
  texture: Texture,
  schools: Edges,
  ceiling: Under | null,
): EdgeSeal {
  const { over, against } = piece;
  const { seal, caulk } = schools;
  const plain = (sealWith: Seal): EdgeSeal => ({ sealWith, sealPaint: sealWith === "colour" ? over : null });
  if (against === "ceiling" && (schools.ceiling !== "auto" || (ceiling && seal !== "caulk")))
    return sealCeiling(piece, texture, schools, ceiling);
  if (seal === "caulk") return plain(caulk);
  if (over !== null) return plain(seal === "press" && texture !== "smooth" ? "colour" : seal);
  const isSmooth = texture === "smooth" || against === "trim" || against === "opening";
  return plain(isSmooth ? "press" : "clear");
}

function sealCeiling(
  { upTo }: Pick<TapePiece, "upTo">,
  wall: Texture,
  { ceiling: asked }: Edges,
  under: Under | null,
): EdgeSeal {
  const ownColour: EdgeSeal | null =
    under?.paint != null && under.isToBeHad ? { sealWith: "colour", sealPaint: under.paint } : null;
  const clear: EdgeSeal = { sealWith: "clear", sealPaint: null };
  const isRough = under ? under.texture !== "smooth" : wall !== "smooth";
  if (asked === "clear") return clear;
  if (asked === "colour") return ownColour ?? clear;
  const isOther = under?.paint != null && upTo.some(({ paint }) => paint !== under.paint);
  if (isRough || (asked === "auto" && isOther)) return ownColour ?? clear;
  return { sealWith: "press", sealPaint: null };
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
