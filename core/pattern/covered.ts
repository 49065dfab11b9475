import { isInsideContour } from "../geometry/contour";
import { boxOfCurve, curveLength, type Box } from "../geometry/curve";
import type { Area } from "../wall/onSurface";
import type { Pattern } from "./pattern";
import type { Effect } from "./placement";

/** What of a wall a finish breaks up the paint of. */
export interface Covered extends Area {
  readonly areaM2: number;
  /** All around it, openings with it, m: what is masked. */
  readonly edgeM: number;
  readonly box: Box;
  /** The paints that it goes over. */
  readonly over: readonly string[];
}

/** The regions under effects together, without the lines between them; null where there are none. */
export function coveredBy(effects: readonly Effect[], { regions, edges }: Pattern): Covered | null {
  const ids = new Set(effects.flatMap((effect) => effect.regions));
  const isIn = regions.map(({ id }) => ids.has(id));
  const own = regions.filter((_, index) => isIn[index]);
  if (own.length === 0) return null;
  const covers = (region: number | null) => region !== null && isIn[region]!;
  const curves = edges.filter(({ left, right }) => covers(left) !== covers(right));
  const boxes = curves.map(({ curve }) => boxOfCurve(curve));
  return {
    curves,
    contains: (point) =>
      own.some(
        ({ face: { outer, holes } }) =>
          isInsideContour(point, outer) && !holes.some((hole) => isInsideContour(point, hole)),
      ),
    areaM2: own.reduce((sum, { face }) => sum + face.area, 0) / 1e6,
    edgeM: curves.reduce((sum, { curve }) => sum + curveLength(curve), 0) / 1000,
    box: {
      minX: Math.min(...boxes.map(({ minX }) => minX)),
      maxX: Math.max(...boxes.map(({ maxX }) => maxX)),
      minY: Math.min(...boxes.map(({ minY }) => minY)),
      maxY: Math.max(...boxes.map(({ maxY }) => maxY)),
    },
    over: [...new Set(own.map(({ colour }) => colour))],
  };
}
