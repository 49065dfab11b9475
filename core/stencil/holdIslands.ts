import polygonClipping, { type MultiPolygon, type Ring } from "polygon-clipping";
import type { Face } from "../geometry/arrange";
import { isInsideContour, signedArea } from "../geometry/contour";
import { flattenContour } from "../geometry/flatten";
import { interiorPoint } from "../geometry/interiorPoint";
import { nearestOnSegment } from "../geometry/nearestOnSegment";
import { distance, dot, midpoint, subtract, type Point } from "../geometry/point";
import { openPartsOf } from "./openParts";
import { parsePath } from "./parsePath";
import type { Stencil } from "./schema";

/** Wide enough to hold, and to lift the sheet by, mm: a bridge under 3 tears. */
export const bridgeMm = 5;

/** A way over a hole, from what falls out to the material around it. */
export interface ProposedBridge {
  readonly overlay: string;
  readonly ends: readonly [Point, Point];
}

/**
 * Two bridges for each piece that falls out, so that it does not flap: the shortest one to the material around it, where least is
 * lost of the motif, and the shortest of those on its other side.
 */
export function proposeBridges({ overlays }: Pick<Stencil, "overlays">): ProposedBridge[] {
  return overlays.flatMap(({ id, cuts }) => {
    const { open, islands } = openPartsOf(cuts.flatMap(({ path }) => parsePath(path)));
    return islands.flatMap((island) => {
      // Of holes within holes the innermost is the one that it would fall out of.
      const around = open
        .filter(({ outer }) => isInsideContour(interiorPoint(island), outer))
        .sort((a, b) => extentOf(a) - extentOf(b))[0];
      return around ? waysAcross(island, around).map((ends) => ({ overlay: id, ends })) : [];
    });
  });
}

/** What a face takes up with its own holes. */
const extentOf = ({ outer }: Face): number => Math.abs(signedArea(outer));

type Way = readonly [Point, Point];

function waysAcross(island: Face, around: Face): Way[] {
  const [own, outer] = [island.outer, around.outer].map((one) => flattenContour(one)) as [Point[], Point[]];
  const middle = interiorPoint(island);
  const ways = [
    ...withMiddles(own).map((from): Way => [from, nearestOn(outer, from)]),
    ...withMiddles(outer).map((to): Way => [nearestOn(own, to), to]),
  ].sort((a, b) => lengthIn(a) - lengthIn(b) || distance(a[0], middle) - distance(b[0], middle));
  const first = ways[0];
  if (!first) return [];
  const side = (way: Way) => dot(subtract(way[0], middle), subtract(first[0], middle));
  const second = ways.find((way) => side(way) < 0);
  return second ? [first, second] : [first];
}

/** Corners and the middles of sides: from there a bridge stands on a side, not beside a corner. */
const withMiddles = (points: readonly Point[]): Point[] =>
  points.flatMap((a, index) => [a, midpoint(a, points[(index + 1) % points.length]!)]);

/** In hundredths of a mm, so that ways as good as each other are told apart by where they stand. */
const lengthIn = (way: Way): number => Math.round(distance(...way) * 100);

const nearestOn = (points: readonly Point[], to: Point): Point =>
  points
    .map((a, index) => nearestOnSegment(to, a, points[(index + 1) % points.length]!))
    .reduce((best, at) => (distance(at, to) < distance(best, to) ? at : best));

/** The overlays with the bridges left standing: what they take of the cuts is no longer cut. Curves become fine polygons. */
export function withBridges(
  { overlays }: Pick<Stencil, "overlays">,
  bridges: readonly ProposedBridge[],
): Stencil["overlays"] {
  return overlays.map((overlay) => {
    const strips = bridges.filter((bridge) => bridge.overlay === overlay.id).map(stripOf);
    if (strips.length === 0) return overlay;
    const cuts = overlay.cuts.flatMap(({ path, ...cut }) => {
      const whole = polygonsOf(openPartsOf(parsePath(path)).open);
      const left = polygonClipping.difference(whole, ...strips);
      return left.length === 0 ? [] : [{ ...cut, path: pathOf(left) }];
    });
    return { ...overlay, cuts };
  });
}

/** A little over both ends, where the edges bend away from it. */
function stripOf({ ends: [from, to] }: ProposedBridge): MultiPolygon {
  const long = distance(from, to);
  const [ux, uy] = long < 1e-9 ? [1, 0] : [(to.x - from.x) / long, (to.y - from.y) / long];
  const half = bridgeMm / 2;
  const corner = (at: Point, along: number, across: number): [number, number] => [
    at.x + ux * along - uy * across,
    at.y + uy * along + ux * across,
  ];
  return [
    [
      [
        corner(from, -half, -half),
        corner(to, half, -half),
        corner(to, half, half),
        corner(from, -half, half),
      ],
    ],
  ];
}

const polygonsOf = (faces: readonly Face[]): MultiPolygon =>
  faces.map(({ outer, holes }) =>
    [outer, ...holes].map((contour): Ring => flattenContour(contour).map(({ x, y }) => [x, y])),
  );

/** Outer rings and holes run opposite ways, so that a non-zero fill leaves the holes. */
const pathOf = (polygons: MultiPolygon): string =>
  polygons
    .flatMap((rings) =>
      rings.map((ring, index) => ringPath(index === 0 ? turned(ring, 1) : turned(ring, -1))),
    )
    .join(" ");

const areaOf = (ring: Ring): number =>
  ring.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = ring[(index + 1) % ring.length]!;
    return sum + (x * nextY - nextX * y) / 2;
  }, 0);

const turned = (ring: Ring, way: 1 | -1): Ring => (areaOf(ring) * way < 0 ? [...ring].reverse() : ring);

const rounded = (mm: number): number => Math.round(mm * 1000) / 1000;
const ringPath = (ring: Ring): string =>
  `M ${ring.map(([x, y]) => `${rounded(x)} ${rounded(y)}`).join(" L ")} Z`;
