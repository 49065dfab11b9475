import {
  brushUpToM2,
  leastTouchUpMl,
  sealStripMm,
  smallRollerUpToM2,
  textureFactors,
  toolKeepsMl,
  touchUpShare,
} from "../trade/constants";
import type { Texture } from "../trade/constants";
import type { Paint } from "./schema";

/** What one wall asks of one paint. */
export interface PaintUse {
  readonly texture: Texture;
  /** m2 to be coated. */
  readonly areaM2: number;
  /** mm of tape edges that are sealed with this paint. */
  readonly sealMm: number;
}

export interface PaintNeed {
  readonly areaM2: number;
  readonly filmMl: number;
  readonly sealMl: number;
  readonly toolsMl: number;
  readonly touchUpMl: number;
  readonly needMl: number;
}

/**
 * Paint for a job, in ml, with its terms:
 * film = area x coats x texture / spread rate; seal = one coat of a 25 mm strip along the sealed edges;
 * tools = what roller, tray and brush keep, once a session; touch-up = 5 % of the film, at least a small jar.
 */
export function calculateNeed(paint: Paint, uses: readonly PaintUse[], sessions: number): PaintNeed {
  const sum = (of: (use: PaintUse) => number) => uses.reduce((total, use) => total + of(use), 0);
  const mlPerM2 = 1000 / paint.spreadRate;
  const areaM2 = sum((use) => use.areaM2);
  const filmMl = sum((use) => use.areaM2 * paint.coats * textureFactors[use.texture]) * mlPerM2;
  const sealMl =
    sum((use) => (use.sealMm / 1000) * (sealStripMm / 1000) * textureFactors[use.texture]) * mlPerM2;
  const toolsMl = toolsKeep(areaM2) * Math.max(1, sessions);
  const touchUpMl = Math.max(leastTouchUpMl, touchUpShare * filmMl);
  return { areaM2, filmMl, sealMl, toolsMl, touchUpMl, needMl: filmMl + sealMl + toolsMl + touchUpMl };
}

/** The brush that cuts in is always wetted; a roller joins it when there is enough to roll. */
function toolsKeep(areaM2: number): number {
  const { brush60, roller100, roller230 } = toolKeepsMl;
  if (areaM2 <= brushUpToM2) return brush60;
  return brush60 + (areaM2 <= smallRollerUpToM2 ? roller100 : roller230);
}
