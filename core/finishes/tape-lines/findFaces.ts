import { arrange, type Arrangement, type Face } from "../../geometry/arrange";
import { isInsideContour } from "../../geometry/contour";
import { boxOfContour, moveCurve, segment, type Box, type Segment } from "../../geometry/curve";
import { interiorPoint } from "../../geometry/interiorPoint";
import type { Point } from "../../geometry/point";
import type { SourcedCurve } from "../../geometry/splitCurves";
import { lengthOf } from "../../geometry/trig";
import { placeTolerance } from "../../wall/outline";
import type { PatternEdge } from "../../pattern/pattern";
import type { StripPart } from "../../wall/strip";
import { facesOnSurface } from "../../wall/facesOnSurface";
import { isOnSurface, type Surface } from "../../wall/surface";
import type { TapedSegment } from "./layLines";

/** A face of one wall between its lines, in the wall's own coordinates. */
export interface TapedFace {
  readonly face: Face;
  readonly box: Box;
  readonly at: Point;
}

export interface WallFaces {
  readonly part: StripPart & { readonly surface: Surface };
  /** From the lower left, row by row of their middles. */
  readonly faces: readonly TapedFace[];
  /** What parts them and bounds them, with the faces on the two sides by their place in the list. */
  readonly edges: readonly PatternEdge[];
  /** All of that with the wall's edges; null where lines have a width, and their sides are curves of their own. */
  readonly arrangement: Arrangement<string> | null;
  /** The curves that part them. */
  readonly dividers: readonly SourcedCurve<string>[];
  /** Faces by their middles, which is where the wall's pieces ask. */
  readonly byMiddle: ReadonlyMap<string, number>;
  /** Ends of lines that stop in the middle of a face. */
  readonly looseEnds: readonly Point[];
}

/** The faces into which the lines part a wall; lines with a width leave strips of base between the faces. */
export function findFaces(
  part: StripPart & { surface: Surface },
  lines: readonly TapedSegment[],
  lineWidth: number,
): WallFaces {
  const { surface, offset } = part;
  const here = lines.map(({ line, piece, path }) => ({
    curve: moveCurve(path, -offset, 0),
    source: `line-${line + 1}${piece > 0 ? `-${piece + 1}` : ""}`,
  }));
  const arrangement = arrange<string>(
    [...surface.curves, ...(lineWidth > 0 ? here.flatMap((line) => bandOf(line, lineWidth)) : here)],
    placeTolerance,
  );
  const bands = here.map(({ curve }) => curve);
  const ofLines = new Set(here.map(({ source }) => source));
  const isOn = facesOnSurface(surface.curves, arrangement);
  const isFace = arrangement.faces.map((face, index) => {
    const at = interiorPoint(face);
    const isTaped = lineWidth > 0 && bands.some((line) => isInBand(line, at, lineWidth));
    return isOn[index] && !isTaped ? at : null;
  });
  const { faces, indexOf } = orderFaces(arrangement, isFace);
  const dividers =
    lineWidth > 0
      ? arrangement.edges
          .filter(
            ({ left, right }) =>
              (left !== null && isFace[left] !== null) !== (right !== null && isFace[right] !== null),
          )
          .flatMap(({ curve, sources }) =>
            sources.filter((source) => ofLines.has(source)).map((source) => ({ curve, source })),
          )
      : here;
  return {
    part,
    faces,
    edges: edgesBetween(arrangement, indexOf),
    arrangement: lineWidth > 0 ? null : arrangement,
    dividers,
    byMiddle: new Map(faces.map(({ at }, index) => [middleKey(at), index])),
    looseEnds: looseEndsOf(
      lineWidth > 0 ? arrange<string>([...surface.curves, ...here], placeTolerance) : arrangement,
      surface,
    ),
  };
}

const middleKey = ({ x, y }: Point): string => `${x},${y}`;

/** The four edges of the tape that lies along a line. */
function bandOf(
  { curve, source }: { curve: Segment; source: string },
  width: number,
): SourcedCurve<string>[] {
  const { a, b } = curve;
  const length = lengthOf(b.x - a.x, b.y - a.y);
  const [nx, ny] = [(-(b.y - a.y) / length) * (width / 2), ((b.x - a.x) / length) * (width / 2)];
  const corners = [
    { x: a.x + nx, y: a.y + ny },
    { x: a.x - nx, y: a.y - ny },
    { x: b.x - nx, y: b.y - ny },
    { x: b.x + nx, y: b.y + ny },
  ];
  return corners.map((corner, index) => ({ curve: segment(corner, corners[(index + 1) % 4]!), source }));
}

function isInBand({ a, b }: Segment, point: Point, width: number): boolean {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = lengthOf(dx, dy);
  const along = ((point.x - a.x) * dx + (point.y - a.y) * dy) / length;
  const across = Math.abs(dx * (point.y - a.y) - dy * (point.x - a.x)) / length;
  return along >= 0 && along <= length && across <= width / 2;
}

function orderFaces({ faces }: Arrangement<string>, middles: readonly (Point | null)[]) {
  const order = middles
    .flatMap((at, index) => (at ? [{ at, index }] : []))
    .sort((p, q) => (Math.abs(p.at.y - q.at.y) > placeTolerance ? p.at.y - q.at.y : p.at.x - q.at.x));
  const indexOf = new Map(order.map(({ index }, place) => [index, place]));
  return {
    indexOf,
    faces: order.map(({ at, index }) => ({
      face: faces[index]!,
      at,
      box: boxOfContour(faces[index]!.outer),
    })),
  };
}

function edgesBetween({ edges }: Arrangement<string>, indexOf: ReadonlyMap<number, number>): PatternEdge[] {
  const side = (face: number | null) => (face === null ? null : (indexOf.get(face) ?? null));
  return edges
    .map((edge): PatternEdge => ({ ...edge, left: side(edge.left), right: side(edge.right) }))
    .filter(({ left, right }) => left !== right);
}

/** Free ends of lines that lie on the paintable wall; what hangs over its edge is no fault. */
function looseEndsOf({ loose, edges, vertices }: Arrangement<string>, surface: Surface): Point[] {
  const uses = new Map<number, number>();
  for (const { from, to } of [...loose, ...edges]) {
    for (const vertex of [from, to]) uses.set(vertex, (uses.get(vertex) ?? 0) + 1);
  }
  return loose
    .filter(({ sources }) => sources.some((source) => source.startsWith("line-")))
    .flatMap(({ from, to }) => [from, to])
    .filter((vertex) => uses.get(vertex) === 1)
    .map((vertex) => vertices[vertex]!)
    .filter((point) => isOnSurface(surface, point));
}

/** Which face a point of the wall lies in; null on none. The faces' own middles are known without a search. */
export function faceAt(
  { faces, byMiddle }: Pick<WallFaces, "faces" | "byMiddle">,
  point: Point,
): number | null {
  const { x, y } = point;
  const known = byMiddle.get(middleKey(point));
  if (known !== undefined) return known;
  const found = faces.findIndex(
    ({ face, box }) =>
      x >= box.minX &&
      x <= box.maxX &&
      y >= box.minY &&
      y <= box.maxY &&
      isInsideContour({ x, y }, face.outer) &&
      !face.holes.some((hole) => isInsideContour({ x, y }, hole)),
  );
  return found === -1 ? null : found;
}
