import { arrange, type Face } from "../geometry/arrange";
import { isInsideContour, signedArea } from "../geometry/contour";
import type { Contour, Curve } from "../geometry/curve";
import { flattenContour } from "../geometry/flatten";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Point } from "../geometry/point";
import type { Subpath } from "./parsePath";

/** What is cut out of a sheet, and the material that it encloses. */
export interface OpenParts {
  /** Faces of the hole, apart from each other. */
  readonly open: readonly Face[];
  /** Material all around which is open: it would fall out. */
  readonly islands: readonly Face[];
  /** True area, mm2. */
  readonly areaMm2: number;
}

/** Places on a sheet closer than this are one, mm. */
export const sheetToleranceMm = 1e-4;

/** What closed parts enclose together, filled non-zero: two that run the same way around a place do not cancel out. */
export function openPartsOf(subpaths: readonly Subpath[]): OpenParts {
  const loops = subpaths.map(({ curves }) => flattenContour(curves));
  const isOpenAt = (point: Point) => loops.reduce((sum, loop) => sum + windingAt(point, loop), 0) !== 0;
  const all = facesOf(subpaths.flatMap(({ curves }) => curves));
  const isOpen = all.faces.map((face) => isOpenAt(interiorPoint(face)));
  const side = (face: number | null) => face !== null && isOpen[face]!;
  const border = all.edges.filter(({ left, right }) => side(left) !== side(right)).map(({ curve }) => curve);
  const { faces } = border.length === all.edges.length ? all : facesOf(border);
  // Every edge of the border has what is open on one side alone.
  const open = faces.filter((face) => isInsideContour(interiorPoint(face), border));
  return {
    open,
    islands: faces.filter((face) => !open.includes(face)),
    areaMm2: open.reduce((sum, { area }) => sum + area, 0) + lostOf(subpaths, loops),
  };
}

const facesOf = (curves: readonly Curve[]) =>
  arrange(
    curves.map((curve) => ({ curve, source: null })),
    sheetToleranceMm,
  );

/** The outlines of faces, so that what lies within an odd number of them is in one. */
export const outlinesOf = (faces: readonly Face[]): Contour[] =>
  faces.flatMap(({ outer, holes }) => [outer, ...holes]);

/** How often a closed loop of points runs around a place, counter-clockwise. */
export function windingAt({ x, y }: Point, loop: readonly Point[]): number {
  let turns = 0;
  loop.forEach((a, index) => {
    const b = loop[(index + 1) % loop.length]!;
    if (a.y > y === b.y > y) return;
    const isLeft = (b.x - a.x) * (y - a.y) - (x - a.x) * (b.y - a.y) > 0;
    if (b.y > a.y && isLeft) turns += 1;
    if (b.y < a.y && !isLeft) turns -= 1;
  });
  return turns;
}

/** What flattening took off: of parts that run clockwise, and those within them, with the other sign. */
function lostOf(subpaths: readonly Subpath[], loops: readonly (readonly Point[])[]): number {
  return subpaths.reduce((sum, { curves, lostMm2 }) => {
    if (lostMm2 === 0) return sum;
    const around = subpaths.filter((_, other) => windingAt(curves[0]!.a, loops[other]!) !== 0);
    const outermost = around.reduce<readonly Curve[]>(
      (largest, other) =>
        Math.abs(signedArea(other.curves)) > Math.abs(signedArea(largest)) ? other.curves : largest,
      curves,
    );
    return sum + (signedArea(outermost) > 0 ? lostMm2 : -lostMm2);
  }, 0);
}
