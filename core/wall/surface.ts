import { arrange, type Arrangement } from "../geometry/arrange";
import { isInsideContour } from "../geometry/contour";
import { flattenContour } from "../geometry/flatten";
import { boxOfContour, type Box, type Contour } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import type { Finding } from "../findings/finding";
import { doorDigMm, leastSurfaceMm } from "../trade/constants";
import { cutOutline, isWithin, placeTolerance, traceOutline } from "./outline";
import { openingContour } from "./openingContour";
import { isFixed, type Fixture, type Opening, type Wall } from "./schema";
import { facesWithin } from "./facesOnSurface";
import { clearHeightAt, insideTrim, shapeOfWall, type SideName, type WallShape } from "./wallShape";

/** Which part of the wall a stretch of the surface's edge belongs to. */
export type EdgeSource = SideName | `opening ${string}`;

/** A wall's paintable outline after openings and trim. x to the right, y up from the wall's datum. */
export interface Surface {
  readonly wall: Wall;
  /** The wall from floor to ceiling and end to end. */
  readonly shape: WallShape;
  /** Between trim and ends, openings not yet taken out. */
  readonly outline: Contour;
  /** The same by the side of the wall that each piece belongs to. */
  readonly sides: readonly SourcedCurve<SideName>[];
  /** The box of the outline: the span of a finish is measured across it. */
  readonly extent: Box;
  /** Openings with their casings. */
  readonly covers: readonly { opening: Opening; contour: Contour }[];
  /** Its whole edge, in pieces, each by what it belongs to. */
  readonly curves: readonly SourcedCurve<EdgeSource>[];
  readonly area: number;
}

/** What a thing on the wall is called in a sentence. */
export function nameOf(thing: Opening | Fixture): string {
  return thing.name ? `the ${thing.name}` : `the ${thing.kind}`;
}

/** The surface of a wall, or null with the reason as a stop finding. */
export function buildSurface(wall: Wall): { surface: Surface | null; findings: Finding[] } {
  const shape = shapeOfWall(wall);
  const whole = traceOutline(shape);
  if (!whole) return { surface: null, findings: [stop("outline-crosses", {})] };
  const inside = cutOutline(insideTrim(shape, wall.skirting, wall.cornice));
  if (!inside) {
    const values = { trim: wall.skirting + wall.cornice, height: lowestHeight(shape, whole.sides) };
    return { surface: null, findings: [stop("trim-too-tall", values)] };
  }
  const extent = boxOfContour(inside.contour);
  if (extent.maxX - extent.minX < leastSurfaceMm || extent.maxY - extent.minY < leastSurfaceMm)
    return { surface: null, findings: [stop("nothing-to-paint", {})] };
  const findings = checkThings(wall, whole.contour);
  if (findings.some((finding) => finding.severity === "stop")) return { surface: null, findings };
  const covers = wall.openings.map((opening) => ({
    opening,
    contour: openingContour(opening, opening.casing),
  }));
  const around: SourcedCurve<EdgeSource>[] = [
    ...inside.sides,
    ...covers.flatMap(({ opening, contour }) =>
      contour.map((curve) => ({ curve, source: `opening ${opening.id}` as const })),
    ),
  ];
  const outline = inside.contour;
  const arrangement = arrange<EdgeSource>(around, placeTolerance);
  const isOn = facesWithin(around, arrangement);
  // What lies within the tolerance of each other has become one here, once and for all that is laid on the wall.
  const curves = boundaryOf(arrangement, isOn);
  const area = arrangement.faces.reduce((sum, face, index) => (isOn[index] ? sum + face.area : sum), 0);
  if (area === 0) {
    return { surface: null, findings: [...findings, stop("nothing-to-paint", {})] };
  }
  return { surface: { wall, shape, outline, sides: inside.sides, extent, covers, curves, area }, findings };
}

/** The pieces of an arrangement that part what can be painted from what cannot. */
function boundaryOf(
  { edges }: Arrangement<EdgeSource>,
  isOn: readonly boolean[],
): SourcedCurve<EdgeSource>[] {
  const on = (face: number | null) => face !== null && isOn[face]!;
  return edges
    .filter(({ left, right }) => on(left) !== on(right))
    .map(({ curve, sources }) => ({ curve, source: sources[0]! }));
}

/** The least height from floor to ceiling, at the corners of the outline. */
function lowestHeight(shape: WallShape, sides: readonly SourcedCurve<SideName>[]): number {
  return Math.min(...sides.map(({ curve }) => clearHeightAt(shape, curve.a.x)));
}

/** Whether a point that lies on no edge can be painted. */
export function isOnSurface(surface: Pick<Surface, "outline" | "covers">, point: Point): boolean {
  return (
    isInsideContour(point, surface.outline) &&
    !surface.covers.some(({ contour }) => isInsideContour(point, contour))
  );
}

function checkThings(wall: Wall, outline: Contour): Finding[] {
  return [
    ...wall.openings
      .filter((opening) => !isOpeningOnWall(opening, wall, outline))
      .map((opening): Finding => ({
        ...stop("opening-outside", { thing: nameOf(opening) }),
        at: centreOf(opening),
      })),
    ...checkOverlaps(wall.openings),
    ...wall.fixtures
      .filter((fixture) => isFixed(fixture) && !isWithin(cornersOf(fixture), outline))
      .map((fixture): Finding => ({
        code: "fixture-outside",
        severity: "check",
        values: { thing: nameOf(fixture) },
        at: centreOf(fixture),
      })),
  ];
}

/**
 * A door on a surveyed floor is read at one of its feet, so where the floor slopes the other may dig in a little:
 * what is below the floor is cut off, and only a door that digs deeper is out of place.
 */
function isOpeningOnWall(opening: Opening, { survey }: Wall, outline: Contour): boolean {
  const dig = survey && opening.kind === "door" ? doorDigMm : 0;
  const raised =
    dig > 0 && opening.height > dig
      ? { ...opening, y: opening.y + dig, height: opening.height - dig }
      : opening;
  return isWithin(flattenContour(openingContour(raised, 0)), outline);
}

function checkOverlaps(openings: readonly Opening[]): Finding[] {
  return openings.flatMap((first, index) =>
    openings
      .slice(index + 1)
      .filter((second) => overlap(first, second))
      .map((second): Finding => ({
        code: "openings-overlap",
        severity: "check",
        values: { first: nameOf(first), second: nameOf(second) },
        at: centreOf(second),
      })),
  );
}

function overlap(first: Opening, second: Opening): boolean {
  const contours = [openingContour(first, 0), openingContour(second, 0)] as const;
  const [a, b] = contours.map(boxOfContour) as [Box, Box];
  if (a.maxX <= b.minX || b.maxX <= a.minX || a.maxY <= b.minY || b.maxY <= a.minY) return false;
  const curves = contours.flat().map((curve) => ({ curve, source: null }));
  return arrange(curves, placeTolerance).faces.some((face) => {
    const point = interiorPoint(face);
    return contours.every((contour) => isInsideContour(point, contour));
  });
}

const cornersOf = ({ x, y, width, height }: Opening | Fixture): Point[] => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + height },
  { x, y: y + height },
];

const centreOf = ({ x, y, width, height }: Opening | Fixture): Point => ({
  x: x + width / 2,
  y: y + height / 2,
});

function stop(code: "trim-too-tall", values: { trim: number; height: number }): Finding;
function stop(code: "opening-outside", values: { thing: string }): Finding & { code: "opening-outside" };
function stop(code: "nothing-to-paint" | "outline-crosses", values: Record<never, never>): Finding;
function stop(code: Finding["code"], values: object): Finding {
  return { code, severity: "stop", values, at: null } as Finding;
}
