import { arrange } from "../geometry/arrange";
import { isInsideContour, rectangleContour } from "../geometry/contour";
import { boxOfContour, type Box, type Contour } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import type { Finding } from "../findings/finding";
import { openingContour } from "./openingContour";
import type { Fixture, Opening, Wall } from "./schema";

/** Which part of the wall a stretch of the surface's edge belongs to. */
export type EdgeSource = "bottom" | "right" | "top" | "left" | `opening ${string}`;

/** A wall's paintable outline after openings and trim. x to the right, y up from the floor at the left. */
export interface Surface {
  readonly wall: Wall;
  /** Between trim and corners, openings not yet taken out. */
  readonly outline: Contour;
  /** The box of the outline: the span of a finish is measured across it. */
  readonly extent: Box;
  /** Openings with their casings. */
  readonly covers: readonly { opening: Opening; contour: Contour }[];
  readonly curves: readonly SourcedCurve<EdgeSource>[];
  readonly area: number;
}

/** Places closer than this, in mm, are one (`job-format.md`). */
export const placeTolerance = 0.01;

/** What a thing on the wall is called in a sentence. */
export function nameOf(thing: Opening | Fixture): string {
  return thing.name ? `the ${thing.name}` : `the ${thing.kind}`;
}

/** The surface of a quick wall, or null with the reason as a stop finding. */
export function buildSurface(wall: Wall): { surface: Surface | null; findings: Finding[] } {
  const findings: Finding[] = checkThings(wall);
  if (findings.some((finding) => finding.severity === "stop")) return { surface: null, findings };
  const outline = rectangleContour(0, wall.skirting, wall.width, wall.height - wall.cornice);
  const sides = ["bottom", "right", "top", "left"] as const;
  const covers = wall.openings.map((opening) => ({
    opening,
    contour: openingContour(opening, opening.casing),
  }));
  const curves: SourcedCurve<EdgeSource>[] = [
    ...outline.map((curve, index) => ({ curve, source: sides[index]! })),
    ...covers.flatMap(({ opening, contour }) =>
      contour.map((curve) => ({ curve, source: `opening ${opening.id}` as const })),
    ),
  ];
  const shape = { outline, covers };
  const area = arrange(curves, placeTolerance)
    .faces.filter((face) => isOnSurface(shape, interiorPoint(face)))
    .reduce((sum, face) => sum + face.area, 0);
  if (area === 0) {
    return { surface: null, findings: [...findings, stop("nothing-to-paint", {})] };
  }
  return { surface: { wall, ...shape, extent: boxOfContour(outline), curves, area }, findings };
}

/** Whether a point that lies on no edge can be painted. */
export function isOnSurface(surface: Pick<Surface, "outline" | "covers">, point: Point): boolean {
  return (
    isInsideContour(point, surface.outline) &&
    !surface.covers.some(({ contour }) => isInsideContour(point, contour))
  );
}

function checkThings(wall: Wall): Finding[] {
  const trim = wall.skirting + wall.cornice;
  if (trim >= wall.height) return [stop("trim-too-tall", { trim, height: wall.height })];
  return [
    ...wall.openings
      .filter((opening) => reachesOutside(opening, wall))
      .map((opening): Finding => ({
        ...stop("opening-outside", { thing: nameOf(opening) }),
        at: centreOf(opening),
      })),
    ...checkOverlaps(wall.openings),
    ...wall.fixtures
      .filter((fixture) => fixture.kind !== "furniture" && reachesOutside(fixture, wall))
      .map((fixture): Finding => ({
        code: "fixture-outside",
        severity: "check",
        values: { thing: nameOf(fixture) },
        at: centreOf(fixture),
      })),
  ];
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

function reachesOutside({ x, y, width, height }: Opening | Fixture, wall: Wall): boolean {
  const slack = placeTolerance;
  return x < -slack || y < -slack || x + width > wall.width + slack || y + height > wall.height + slack;
}

const centreOf = ({ x, y, width, height }: Opening | Fixture): Point => ({
  x: x + width / 2,
  y: y + height / 2,
});

function stop(code: "trim-too-tall", values: { trim: number; height: number }): Finding;
function stop(code: "opening-outside", values: { thing: string }): Finding & { code: "opening-outside" };
function stop(code: "nothing-to-paint", values: Record<never, never>): Finding;
function stop(code: Finding["code"], values: object): Finding {
  return { code, severity: "stop", values, at: null } as Finding;
}
