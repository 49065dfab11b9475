import type { Said } from "../findings/speech";
import type { Paint } from "../paint/schema";
import { isCaulk } from "../tape/sealEdge";
import type { Seal } from "../tape/tapePiece";
import { stepsAboveMm, towerAboveMm } from "../trade/constants";
import { isOf } from "../trade/materials";
import type { Wall } from "../wall/schema";
import { said } from "./words";

/** What to take care of where hands go to a height over the floor, mm; nothing where that is reached from the floor. */
export const cautionsAbove = (highest: number): Said[] =>
  highest > towerAboveMm ? [said("care-tower", {})] : highest > stepsAboveMm ? [said("care-steps", {})] : [];

/** What to take care of where a sealer is wiped on. */
export const cautionsOfSeals = (seals: readonly Seal[]): Said[] =>
  seals.some(isCaulk) ? [said("care-air", {})] : [];

/** What to take care of with a paint: lime, what it is sealed with, and that it has to dry. */
export const cautionsOfPaint = (paint: Paint, seals: readonly Seal[] = []): Said[] => [
  ...(isOf(paint.material, "mineral") ? [said("care-lime", {})] : []),
  ...cautionsOfSeals(seals),
  said("care-dry", {}),
];

/** How high a place of a wall is over the floor, mm, at least; nowhere for what lies on a table. */
export function overFloor({ object, survey }: Wall, y: number): number {
  if (object) return 0;
  return survey ? y + Math.max(...survey.stations.map(({ down }) => down)) : y;
}

/** How high over the floor hands go: the top of a wall, mm; nowhere for what lies on a table. */
export function heightOf({ object, survey, height }: Wall): number {
  if (object) return 0;
  if (survey) return Math.max(...survey.stations.map(({ down, up }) => down + up));
  return height ?? 0;
}
