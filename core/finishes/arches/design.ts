import { circleContour } from "../../geometry/contour";
import { arcByAngles, reverseCurve, segment, type Contour } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import { directionOf, lengthOf } from "../../geometry/trig";
import type { Design, Piece, SetOutLine, StringCentre } from "../../pattern/pattern";
import type { Strip } from "../../wall/strip";
import type { ArchBand, ArchesLayout } from "./layout";
import type { ArchesSpec } from "./spec";

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Rings or parts of rings around one centre; strings from the longest, and the radial cuts at the two ends. */
export function designArches({ spec, strip, centre, bands }: ArchesLayout): Design[] {
  const turn = spec.to - spec.from;
  const pieceAt = (point: Point): Piece | null => {
    const [dx, dy] = [point.x - centre.x, point.y - centre.y];
    const band = bands.find(({ outer, inner }) => isBetween(lengthOf(dx, dy), inner, outer));
    const beyond = (directionOf(dy, dx) * 180) / Math.PI - spec.from;
    if (!band || (turn < 360 && beyond - Math.floor(beyond / 360) * 360 > turn)) return null;
    const { number, colour } = band;
    return { key: `band-${number}`, name: `band ${number}`, noun: "band", numbers: [number], colour };
  };
  const dividers = bands.flatMap((band) =>
    contoursOf(spec, centre, band).flatMap((contour) =>
      contour.map((curve) => ({
        curve,
        source: curve.kind === "segment" ? `cut-of-band-${band.number}` : `band-${band.number}`,
      })),
    ),
  );
  return [
    {
      lines: turn < 360 ? cutsOf(spec, centre, bands, strip) : [],
      centres: [centreOf(centre, bands)],
      dividers,
      pieceAt,
    },
  ];
}

const isBetween = (value: number, low: number, high: number): boolean => value >= low && value <= high;

function contoursOf({ from, to }: ArchesSpec, centre: Point, { outer, inner }: ArchBand): Contour[] {
  if (to - from >= 360) {
    return inner > 0
      ? [circleContour(centre, outer), circleContour(centre, inner)]
      : [circleContour(centre, outer)];
  }
  const out = arcByAngles(centre, outer, radians(from), radians(to));
  if (inner === 0) return [[out, segment(out.b, centre), segment(centre, out.a)]];
  const back = reverseCurve(arcByAngles(centre, inner, radians(from), radians(to)));
  return [[out, segment(out.b, back.a), back, segment(back.b, out.a)]];
}

/** The straight ends of the bands: one line a side through all of them. */
function cutsOf(spec: ArchesSpec, centre: Point, bands: readonly ArchBand[], strip: Strip): SetOutLine[] {
  const [outer, inner] = [
    Math.max(...bands.map((band) => band.outer)),
    Math.min(...bands.map((band) => band.inner)),
  ];
  const { minX, maxX, minY, maxY } = strip.extent;
  return [spec.from, spec.to].flatMap((angle, index): SetOutLine[] => {
    const far = arcByAngles(centre, outer, radians(angle), radians(angle) + 1).a;
    const near = inner === 0 ? centre : arcByAngles(centre, inner, radians(angle), radians(angle) + 1).a;
    const kind = angle % 180 === 0 ? "level" : Math.abs(angle % 180) === 90 ? "plumb" : "slant";
    const a =
      kind === "plumb" ? { x: centre.x, y: near.y } : kind === "level" ? { x: near.x, y: centre.y } : near;
    const b =
      kind === "plumb" ? { x: centre.x, y: far.y } : kind === "level" ? { x: far.x, y: centre.y } : far;
    // An arch that springs from the floor or the skirting has its cut there already.
    const isOnEdge =
      (kind === "level" && (a.y <= minY || a.y >= maxY)) ||
      (kind === "plumb" && (a.x <= minX || a.x >= maxX));
    if (isOnEdge) return [];
    return [
      {
        id: `cut-${index + 1}`,
        index,
        kind,
        path: segment(a, b),
        use: `the ${index === 0 ? "first" : "second"} end of the bands`,
      },
    ];
  });
}

/** One pin, and every string from the outermost inwards; a gap's two edges are strings too. */
function centreOf(centre: Point, bands: readonly ArchBand[]): StringCentre {
  const radii = [...new Set(bands.flatMap(({ outer, inner }) => [outer, inner]))]
    .filter((radius) => radius > 0)
    .sort((a, b) => b - a);
  return { id: "centre", centre, radii, use: "the edges of the bands" };
}
