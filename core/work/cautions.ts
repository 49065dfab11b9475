import type { Said } from "../findings/said";
import type { Paint } from "../paint/schema";
import { isCaulk, type Seal } from "../tape/sealEdge";
import { isOf, reachMm } from "../trade/constants";
import type { Wall } from "../wall/schema";
import { said } from "./words";

/** What to take care of where work on a wall is done from steps; nothing on one that is reached from the floor. */
export const cautionsOnSteps = (wall: Wall): Said[] =>
  highestOf(wall) > reachMm ? [said("care-steps", {})] : [];

/** What to take care of where a sealer is wiped on. */
export const cautionsOfSeals = (seals: readonly Seal[]): Said[] =>
  seals.some(isCaulk) ? [said("care-air", {})] : [];

/** What to take care of with a paint on a wall: lime, what it is sealed with, and that it has to dry. */
export const cautionsOfPaint = (paint: Paint, wall: Wall, seals: readonly Seal[] = []): Said[] => [
  ...(isOf(paint.material, "mineral") ? [said("care-lime", {})] : []),
  ...cautionsOfSeals(seals),
  said("care-dry", {}),
  ...cautionsOnSteps(wall),
];

/** The top of a wall over its floor, mm. */
function highestOf({ survey, height }: Wall): number {
  if (survey) return Math.max(...survey.stations.map(({ down, up }) => down + up));
  return height ?? 0;
}
