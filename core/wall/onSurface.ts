import Flatbush from "flatbush";
import { arrange } from "../geometry/arrange";
import { rectangleContour } from "../geometry/contour";
import { boxOfCurve, segment, type Box, type Curve } from "../geometry/curve";
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
    const inset = placeTolerance;
    const near = this.near({
      minX: box.minX + inset,
      minY: box.minY + inset,
      maxX: box.maxX - inset,
      maxY: box.maxY - inset,
    });
    const middle = { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 };
    if (near.length === 0)
      return this.area.contains(middle) ? (box.maxX - box.minX) * (box.maxY - box.minY) : 0;
    const sides = rectangleContour(box.minX, box.minY, box.maxX, box.maxY);
    const curves = [...near, ...sides].map((curve) => ({ curve, source: null }));
    return arrange(curves, placeTolerance)
      .faces.filter((face) => {
        const at = interiorPoint(face);
        const isIn = at.x > box.minX && at.x < box.maxX && at.y > box.minY && at.y < box.maxY;
        return isIn && this.area.contains(at);
      })
      .reduce((sum, { area }) => sum + area, 0);
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

/** The same of a wall's whole surface. */
export class OnSurface extends OnArea {
  constructor(surface: Surface) {
    super({ curves: surface.curves, contains: (point) => isOnSurface(surface, point) });
  }
}
