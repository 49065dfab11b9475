import { arrange } from "../geometry/arrange";
import { isInsideContour } from "../geometry/contour";
import { boxAroundBoth, boxOfContour, type Box, type Contour } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Point } from "../geometry/point";
import { placeTolerance } from "../wall/outline";

/** Contours of a cutout that have nothing to do with its others: their boxes lie apart. */
export interface CutoutPart {
  readonly contours: readonly Contour[];
  readonly box: Box;
  /** The outlines of what is open, holes the other way round, and how large that is. */
  readonly outlines: readonly Contour[];
  readonly mm2: number;
}

const known = new WeakMap<readonly Contour[], readonly CutoutPart[]>();

/** The parts of what is open within an odd number of contours; worked out once for a cutout. */
export function partsOfCutout(contours: readonly Contour[]): readonly CutoutPart[] {
  const before = known.get(contours);
  if (before) return before;
  const parts = apart(contours).map((own): CutoutPart => {
    const curves = own.flat().map((curve) => ({ curve, source: null }));
    const open = arrange(curves, placeTolerance).faces.filter((face) => isOpenAt(own, interiorPoint(face)));
    return {
      contours: own,
      box: own.map(boxOfContour).reduce(boxAroundBoth),
      outlines: open.flatMap(({ outer, holes }) => [outer, ...holes]),
      mm2: open.reduce((sum, { area }) => sum + area, 0),
    };
  });
  known.set(contours, parts);
  return parts;
}

/** What lies within one contour is open, within two of them not. */
export const isOpenAt = (contours: readonly Contour[], at: Point): boolean =>
  contours.reduce((inside, contour) => inside !== isInsideContour(at, contour), false);

/** Contours in groups whose boxes do not touch; each has few, so that pairs are looked at. */
function apart(contours: readonly Contour[]): Contour[][] {
  let groups: { box: Box; own: Contour[] }[] = [];
  for (const contour of contours) {
    let merged = { box: boxOfContour(contour), own: [contour] };
    let found: typeof groups;
    // What is merged has grown, and may touch others now.
    do {
      found = groups.filter(({ box }) => doTouch(box, merged.box));
      groups = groups.filter((group) => !found.includes(group));
      merged = found.reduce(
        (all, { box, own }) => ({ box: boxAroundBoth(all.box, box), own: [...own, ...all.own] }),
        merged,
      );
    } while (found.length > 0);
    groups.push(merged);
  }
  return groups.map(({ own }) => own);
}

/** Closer than this they are taken as one by an arrangement. */
const reach = 2 * placeTolerance;

export const doTouch = (a: Box, b: Box): boolean =>
  a.minX <= b.maxX + reach &&
  b.minX <= a.maxX + reach &&
  a.minY <= b.maxY + reach &&
  b.minY <= a.maxY + reach;
