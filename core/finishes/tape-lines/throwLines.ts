import { cross, dot, subtract, type Point } from "../../geometry/point";
import { directionOf, sinCos } from "../../geometry/trig";
import { createSequence } from "../../trade/randomSequence";
import type { Box } from "../../geometry/curve";
import type { Strip } from "../../wall/strip";
import type { TapeLinesSpec } from "./spec";
import { throwZigzags } from "./throwZigzags";

/** Two places that a full line runs through. */
export type Thrown = readonly [Point, Point];

/** So many lines are tried for each that is wanted; then there is no room for more. */
const triesPerLine = 300;

/** The spec with its thrown lines among the others, to be changed like them. */
export function keepThrown(spec: TapeLinesSpec, strip: Strip): TapeLinesSpec {
  if (!spec.random) return spec;
  const thrown =
    spec.random.way === "zigzag" ? throwZigzags(spec.random, strip.extent) : throwAcross(spec, strip);
  return { ...spec, lines: [...spec.lines, ...thrown], random: undefined };
}

const throwAcross = ({ random }: TapeLinesSpec, { extent }: Strip): TapeLinesSpec["lines"] =>
  throwLines(random!, extent).map(([a, b]): TapeLinesSpec["lines"][number] => ({
    through: [
      [a.x, a.y],
      [b.x, b.y],
    ],
  }));

/**
 * Full lines at random over a box, the same for one seed: none crosses another within the box at less than the least
 * angle (degrees), and none cuts off a face under the least size (m2), openings not looked at. Fewer than asked for
 * where they find no room.
 */
export function throwLines(asked: Asked, box: Box): Thrown[] {
  const before = known.get(asked);
  const { minX, maxX, minY, maxY } = box;
  if (before && [minX, maxX, minY, maxY].every((side, index) => side === before.sides[index]))
    return before.lines;
  const lines = thrown(asked, box);
  known.set(asked, { sides: [minX, maxX, minY, maxY], lines });
  return lines;
}

type Asked = NonNullable<TapeLinesSpec["random"]>;

/** Laid out and then checked: thrown once for what was asked, which never changes. */
const known = new WeakMap<Asked, { readonly sides: readonly number[]; readonly lines: Thrown[] }>();

function thrown({ count, seed, leastAngle, leastFace }: Asked, { minX, maxX, minY, maxY }: Box): Thrown[] {
  const random = createSequence(seed);
  const lines: Thrown[] = [];
  // Full lines cut convex faces into convex ones.
  let faces: (readonly Point[])[] = [
    [
      { x: minX, y: minY },
      { x: maxX, y: minY },
      { x: maxX, y: maxY },
      { x: minX, y: maxY },
    ],
  ];
  for (let tries = 0; lines.length < count && tries < count * triesPerLine; tries++) {
    const through = {
      x: Math.round(minX + random() * (maxX - minX)),
      y: Math.round(minY + random() * (maxY - minY)),
    };
    const { sin, cos } = sinCos(random() * Math.PI);
    const line: Thrown = [
      through,
      { x: Math.round(through.x + 1000 * cos), y: Math.round(through.y + 1000 * sin) },
    ];
    const isOpen = lines.every(
      (other) =>
        leastAngle === 0 ||
        angleBetween(line, other) >= leastAngle ||
        !crossWithin(line, other, { minX, maxX, minY, maxY }),
    );
    const cut = isOpen ? cutFaces(faces, line, leastFace * 1e6) : null;
    if (!cut) continue;
    faces = cut;
    lines.push(line);
  }
  return lines;
}

function angleBetween([a, b]: Thrown, [c, d]: Thrown): number {
  const [u, v] = [subtract(b, a), subtract(d, c)];
  return (directionOf(Math.abs(cross(u, v)), Math.abs(dot(u, v))) * 180) / Math.PI;
}

function crossWithin([a, b]: Thrown, [c, d]: Thrown, { minX, maxX, minY, maxY }: Box): boolean {
  const [u, v] = [subtract(b, a), subtract(d, c)];
  const turn = cross(u, v);
  if (turn === 0) return false;
  const share = cross(subtract(c, a), v) / turn;
  const [x, y] = [a.x + u.x * share, a.y + u.y * share];
  return x >= minX && x <= maxX && y >= minY && y <= maxY;
}

/** All faces as a line cuts them; null as soon as it cuts off one that is too small. */
function cutFaces(faces: readonly (readonly Point[])[], line: Thrown, least: number) {
  const cut: (readonly Point[])[] = [];
  for (const face of faces) {
    const parts = cutFace(face, line);
    if (parts.some((part) => areaOf(part) < least)) return null;
    cut.push(...parts);
  }
  return cut;
}

/** The parts of a convex face on the two sides of a line; the face itself where it misses it. */
function cutFace(face: readonly Point[], [a, b]: Thrown): (readonly Point[])[] {
  const along = subtract(b, a);
  const sides = face.map((point) => cross(along, subtract(point, a)));
  if (sides.every((side) => side >= 0) || sides.every((side) => side <= 0)) return [face];
  const [left, right]: [Point[], Point[]] = [[], []];
  face.forEach((point, index) => {
    const [here, next] = [sides[index]!, sides[(index + 1) % face.length]!];
    if (here >= 0) left.push(point);
    if (here <= 0) right.push(point);
    if (here * next >= 0) return;
    const after = face[(index + 1) % face.length]!;
    const share = here / (here - next);
    const crossing = { x: point.x + (after.x - point.x) * share, y: point.y + (after.y - point.y) * share };
    left.push(crossing);
    right.push(crossing);
  });
  return [left, right];
}

const areaOf = (face: readonly Point[]): number =>
  Math.abs(face.reduce((sum, point, index) => sum + cross(point, face[(index + 1) % face.length]!), 0)) / 2;
