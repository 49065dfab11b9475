import type { Curve } from "../geometry/curve";
import { shareAt } from "../geometry/intersectCurves";
import { distance, type Point } from "../geometry/point";
import { roundToDivision } from "../measure/roundToDivision";
import type { Pattern } from "../pattern/pattern";
import { reachMm } from "../trade/constants";
import type { Surface } from "../wall/surface";

/** A curve of one string by heights along the wall, for a centre that no pin can be put at. mm. */
export interface Ordinates {
  readonly centre: Point;
  readonly radius: number;
  readonly use: string;
  /** Which part of the circle: over its centre, or under it. */
  readonly part: "upper" | "lower";
  readonly points: readonly Ordinate[];
}

export interface Ordinate {
  readonly x: number;
  readonly y: number;
  /** What is read along the level line and up the plumb line there: |x| and |y| to the tape division. */
  readonly along: number;
  readonly up: number;
}

/** Between two ordinates a batten bent through them strays from the circle by less than this, mm. */
const strayMm = 1;
const mostPoints = 60;
const easySteps = [50, 100, 150, 200, 250, 300, 400, 500] as const;

/**
 * Heights at even steps for every string whose centre is off the wall or out of reach. A chord c of a circle r sags
 * c^2 / (8 r) from it, so steps of sqrt(8 r x 1 mm) keep within a millimetre; the next easy step under that is taken.
 */
export function listOrdinates(
  { centres, edges }: Pick<Pattern, "centres" | "edges">,
  surface: Surface,
  tapeDivision: number,
): Ordinates[] {
  const { minX, maxX, minY, maxY } = surface.extent;
  return centres
    .filter(
      ({ centre: { x, y } }) =>
        x < minX || x > maxX || y < minY - surface.wall.skirting || y > maxY || y - minY > reachMm,
    )
    .flatMap(({ centre, radii, use }) =>
      radii.flatMap((radius) =>
        (["upper", "lower"] as const).flatMap((part): Ordinates[] => {
          const arcs = edges.map(({ curve }) => curve).filter((curve) => isOf(curve, centre, radius));
          const points = pointsOf(centre, radius, part, surface, tapeDivision).filter((point) =>
            arcs.some((arc) => shareAt(arc, point, 0.01) !== null),
          );
          return points.length < 2 ? [] : [{ centre, radius, use, part, points }];
        }),
      ),
    );
}

const isOf = (curve: Curve, centre: Point, radius: number): boolean =>
  curve.kind === "arc" && Math.abs(curve.radius - radius) < 1e-6 && distance(curve.centre, centre) < 1e-6;

function pointsOf(
  centre: Point,
  radius: number,
  part: "upper" | "lower",
  { extent }: Surface,
  tapeDivision: number,
): Ordinate[] {
  const from = Math.max(extent.minX, centre.x - radius);
  const to = Math.min(extent.maxX, centre.x + radius);
  const close = Math.sqrt(8 * radius * strayMm);
  const wanted = easySteps.findLast((step) => step <= close) ?? easySteps[0];
  const step = Math.max(wanted, Math.ceil((to - from) / mostPoints / 50) * 50);
  const places: number[] = [];
  for (let x = Math.ceil(from / step) * step; x <= to; x += step) places.push(x);
  return places.map((x): Ordinate => {
    const rise = Math.sqrt(Math.max(0, radius * radius - (x - centre.x) * (x - centre.x)));
    const y = centre.y + (part === "upper" ? rise : -rise);
    const read = (mm: number) => roundToDivision(Math.abs(mm), tapeDivision);
    return { x, y, along: read(x), up: read(y) };
  });
}
