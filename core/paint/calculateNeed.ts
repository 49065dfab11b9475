import { leastTouchUpMl, sealStripMm, textureFactors, touchUpShare } from "../trade/constants";
import type { Texture } from "../trade/constants";
import type { Paint } from "./schema";

/** What one wall asks of one paint. */
export interface PaintUse {
  readonly texture: Texture;
  /** m2 to be coated. */
  readonly areaM2: number;
  /** mm of tape edges that are sealed with this paint. */
  readonly sealMm: number;
  /** m2 that coats are carried past lines, all coats together. */
  readonly pastM2?: number;
  /** ml that work takes which is done once more. */
  readonly onceMoreMl?: number;
  /** What is printed with it once, beside what is coated. */
  readonly printed?: PrintedUse;
  /** On boards, before anything is decided: film, and what their own tools keep, ml. */
  readonly boards?: { readonly filmMl: number; readonly toolsMl: number };
}

/** Prints in one paint: m2 of their open parts, how far a litre goes there, and what their own tools keep. */
export interface PrintedUse {
  readonly areaM2: number;
  readonly spreadRate: number;
  readonly toolsMl: number;
}

export interface PaintNeed {
  readonly areaM2: number;
  readonly printedM2: number;
  readonly filmMl: number;
  readonly sealMl: number;
  readonly pastMl: number;
  readonly toolsMl: number;
  readonly touchUpMl: number;
  /** What goes into mixes with others. */
  readonly mixedMl: number;
  readonly needMl: number;
}

/**
 * Paint for a job, in ml, with its terms:
 * film = area x coats x texture / spread rate, what boards take, and printed area x texture / spread rate of that way of printing; seal = one coat of a 25 mm strip along the sealed edges;
 * past = what every coat covers past its lines, under what comes later: such a strip along each, or the rest of a wall that is rolled whole;
 * and what is done once more of a job under way;
 * tools = `keptMl`, what roller, tray and brush keep, once a session, and what printing tools do; touch-up = 5 % of the film, at least a small jar; and what goes into mixes, which
 * have all of these themselves.
 */
export function calculateNeed(
  paint: Paint,
  uses: readonly PaintUse[],
  keptMl: number,
  mixedMl = 0,
): PaintNeed {
  if (uses.length === 0) return { ...nothingUsed, mixedMl, needMl: mixedMl };
  const sum = (of: (use: PaintUse) => number) => uses.reduce((total, use) => total + of(use), 0);
  const mlPerM2 = 1000 / paint.spreadRate;
  const areaM2 = sum((use) => use.areaM2);
  const coatedMl = sum((use) => use.areaM2 * paint.coats * textureFactors[use.texture]) * mlPerM2;
  const printedMl = sum(({ printed, texture }) =>
    printed ? (printed.areaM2 * textureFactors[texture] * 1000) / printed.spreadRate : 0,
  );
  const onWallsMl = coatedMl + printedMl;
  const filmMl = onWallsMl + sum(({ boards }) => boards?.filmMl ?? 0);
  const sealMl =
    sum((use) => (use.sealMm / 1000) * (sealStripMm / 1000) * textureFactors[use.texture]) * mlPerM2;
  const onceMoreMl = sum((use) => use.onceMoreMl ?? 0);
  const pastMl = sum(({ pastM2 = 0, texture }) => pastM2 * textureFactors[texture]) * mlPerM2 + onceMoreMl;
  const printedM2 = sum(({ printed }) => printed?.areaM2 ?? 0);
  const toolsMl = keptMl + sum(({ printed, boards }) => (printed ?? boards)?.toolsMl ?? 0);
  // Boards are not touched up.
  const touchUpMl = uses.every(({ boards }) => boards)
    ? 0
    : Math.max(leastTouchUpMl, touchUpShare * onWallsMl);
  const needMl = filmMl + sealMl + pastMl + toolsMl + touchUpMl + mixedMl;
  return { areaM2, printedM2, filmMl, sealMl, pastMl, toolsMl, touchUpMl, mixedMl, needMl };
}

const nothingUsed = { areaM2: 0, printedM2: 0, filmMl: 0, sealMl: 0, pastMl: 0, toolsMl: 0, touchUpMl: 0 };
