import Flatbush from "flatbush";
import { arrange } from "../geometry/arrange";
import { rectangleContour } from "../geometry/contour";
import { boxAroundBoth, boxOfContour, boxOfCurve, segment, type Box, type Curve } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import { intersectCurves } from "../geometry/intersectCurves";
import { distance, midpoint, type Point } from "../geometry/point";
import { placeTolerance } from "./outline";
import { isOnSurface, type Surface } from "./surface";

/** Any part of a wall, by the curves around it, in any order, and by which places are within. */
export interface Area {
  readonly curves: readonly { readonly curve: Curve }[];
  contains(point: Point): boolean;
}

/** How much of upright boxes and straight lines lies on an area: n of them cost n lookups and little more. */
export class OnArea {
  private readonly index: Flatbush;

  constructor(private readonly area: Area) {
    this.index = new Flatbush(area.curves.length);
    for (const { curve } of area.curves) {
      const { minX, minY, maxX, maxY } = boxOfCurve(curve);
      this.index.add(minX, minY, maxX, maxY);
    }
    this.index.finish();
  }

  /** The area of a box that lies on it, mm2. */
  areaOf(box: Box): number {
    return this.within(box).mm2;
  }

  /** What of a box lies on it: its area, mm2, and the box around that; null where there is none. */
  within(box: Box): { readonly mm2: number; readonly box: Box | null } {
    const inset = placeTolerance;
    const near = this.near({
      minX: box.minX + inset,
      minY: box.minY + inset,
      maxX: box.maxX - inset,
      maxY: box.maxY - inset,
    });
    const middle = { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 };
    if (near.length === 0)
      return this.area.contains(middle)
        ? { mm2: (box.maxX - box.minX) * (box.maxY - box.minY), box }
        : { mm2: 0, box: null };
    if (near.every(isStraightOnAxis)) return this.inCells(box, near);
    const sides = rectangleContour(box.minX, box.minY, box.maxX, box.maxY);
    const curves = [...near, ...sides].map((curve) => ({ curve, source: null }));
    const faces = arrange(curves, placeTolerance).faces.filter((face) => {
      const at = interiorPoint(face);
      const isIn = at.x > box.minX && at.x < box.maxX && at.y > box.minY && at.y < box.maxY;
      return isIn && this.area.contains(at);
    });
    return {
      mm2: faces.reduce((sum, { area }) => sum + area, 0),
      box: boxAround(faces.map(({ outer }) => boxOfContour(outer))),
    };
  }

  /** The same where all that is near is upright or level: it parts the box into cells, each on the area or not. */
  private inCells(box: Box, near: readonly Curve[]) {
    const ends = near.flatMap(({ a, b }) => [a, b]);
    const across = cellsBetween(
      box.minX,
      box.maxX,
      ends.map(({ x }) => x),
    );
    const up = cellsBetween(
      box.minY,
      box.maxY,
      ends.map(({ y }) => y),
    );
    let mm2 = 0;
    const cells: Box[] = [];
    for (const { from, to } of across)
      for (const { from: low, to: high } of up) {
        const middle = { x: (from + to) / 2, y: (low + high) / 2 };
        if (!this.area.contains(middle)) continue;
        mm2 += (to - from) * (high - low);
        cells.push({ minX: from, maxX: to, minY: low, maxY: high });
      }
    return { mm2, box: boxAround(cells) };
  }

  /** The length of a straight line that lies on it, mm. */
  lengthOf(a: Point, b: Point): number {
    const line = segment(a, b);
    const cuts = this.near(boxOfCurve(line))
      .flatMap((curve) => intersectCurves(line, curve, placeTolerance))
      .map(({ t }) => t);
    const shares = [...new Set([0, ...cuts, 1])].sort((p, q) => p - q);
    const at = (share: number): Point => ({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share });
    return shares.slice(1).reduce((sum, share, index) => {
      const [from, to] = [at(shares[index]!), at(share)];
      return this.area.contains(midpoint(from, to)) ? sum + distance(from, to) : sum;
    }, 0);
  }

  private near({ minX, minY, maxX, maxY }: Box) {
    return this.index.search(minX, minY, maxX, maxY).map((place) => this.area.curves[place]!.curve);
  }
}

const boxAround = (boxes: readonly Box[]): Box | null =>
  boxes.length === 0 ? null : boxes.reduce(boxAroundBoth);

const isStraightOnAxis = (curve: Curve): boolean =>
  curve.kind === "segment" && (curve.a.x === curve.b.x || curve.a.y === curve.b.y);

function cellsBetween(low: number, high: number, ends: readonly number[]) {
  const inside = ends.filter((at) => at > low + placeTolerance && at < high - placeTolerance);
  const places = [...new Set([low, ...inside, high])].sort((a, b) => a - b);
  return places.slice(1).map((to, index) => ({ from: places[index]!, to }));
}

/** The same of a wall's whole surface. */
export class OnSurface extends OnArea {
  constructor(surface: Surface) {
    super({ curves: surface.curves, contains: (point) => isOnSurface(surface, point) });
  }
}
