import Flatbush from "flatbush";
import { distanceToSegment } from "../geometry/distanceToSegment";
import { lengthOf } from "../geometry/trig";
import type { PlanPoint } from "../plan/planPoint";
import type { PlanRegion, PlanTape, PlanWall } from "../plan/planTypes";

/** A stretch of a region's outline, and what lies on its other side; null where nothing is painted. */
export interface Border {
  readonly of: number;
  readonly beyond: number | null;
  readonly a: PlanPoint;
  readonly b: PlanPoint;
}

/** Places told to a hundredth of a millimetre are one. */
const placeStep = 0.01;
/** So far beyond an outline one looks for what lies there, mm: curves are told flattened, on either side in their own way. */
const beyondMm = 0.4;
/** Nobody sees what is narrower, mm. */
const threadMm = 3;
/** Nor the tip of a piece where it is narrower than that, mm. */
const tipMm = 1;
/** Tape lies along a line that is this near to it, mm. */
const alongMm = 0.5;

/** Of the angle within which two ways are one: curves are told by their chords. */
const alongSine = 0.35;

/** One wall as a plan prints it: which region lies where, what borders on what, and which tape lies along that. */
export class Ground {
  readonly regions: readonly PlanRegion[];
  readonly indexOf: ReadonlyMap<string, number>;
  private readonly boxes: Flatbush | null;
  private readonly tapeBoxes: Flatbush | null;
  private readonly tapeOf: { readonly piece: PlanTape; readonly a: PlanPoint; readonly b: PlanPoint }[] = [];
  private readonly insides = new Map<number, Inside>();
  private readonly bordersOf = new Map<number, Border[]>();
  private edges: Map<string, number> | null = null;

  constructor(readonly wall: PlanWall) {
    this.regions = wall.regions;
    this.indexOf = new Map(wall.regions.map(({ id }, index) => [id, index]));
    this.boxes = indexed(wall.regions.map(({ outline }) => outline));
    for (const piece of wall.tape)
      for (let place = 1; place < piece.path.length; place++)
        this.tapeOf.push({ piece, a: piece.path[place - 1]!, b: piece.path[place]! });
    const wide = ({ piece }: { readonly piece: PlanTape }) => reachOf(piece);
    this.tapeBoxes = indexed(
      this.tapeOf.map(({ a, b }) => [a, b]),
      this.tapeOf.map(wide),
    );
  }

  /** The region at a place; null off the surface. */
  regionAt([x, y]: PlanPoint): number | null {
    if (!this.boxes) return null;
    for (const index of this.boxes.search(x, y, x, y)) {
      let inside = this.insides.get(index);
      if (!inside) this.insides.set(index, (inside = new Inside(this.regions[index]!)));
      if (inside.has([x, y])) return index;
    }
    return null;
  }

  /** All around a region, stretch by stretch. */
  bordersAround(region: number): readonly Border[] {
    const known = this.bordersOf.get(region);
    if (known) return known;
    const own = this.regions[region];
    const borders = (own ? ringsOf(own) : []).flatMap((ring) =>
      ring.flatMap((a, place): Border[] => {
        const b = ring[(place + 1) % ring.length]!;
        return isPoint(a, b) ? [] : [{ of: region, a, b, beyond: this.beyond(a, b) }];
      }),
    );
    this.bordersOf.set(region, borders);
    return borders;
  }

  /** Whether a region is nowhere wider than a thread: nobody sees whether it is guarded. */
  isThread(region: number): boolean {
    const { outline, area_m2 } = this.regions[region]!;
    const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
    const size = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
    return (area_m2 * 1e6) / size < threadMm;
  }

  /** Whether a region is narrower than a millimetre where a stretch meets it: the tip of one, which no tape holds on to. */
  isThreadAt({ a, b }: Border, region: number): boolean {
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const out = tipMm / lengthOf(dx, dy);
    return [out, -out].every(
      (by) => this.regionAt([(a[0] + b[0]) / 2 - dy * by, (a[1] + b[1]) / 2 + dx * by]) !== region,
    );
  }

  /** The tape that lies along a stretch. */
  tapeAlong({ a, b }: Border): PlanTape[] {
    if (!this.tapeBoxes) return [];
    const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    const found = new Set<PlanTape>();
    for (const index of this.tapeBoxes.search(x, y, x, y)) {
      const { piece, a: from, b: to } = this.tapeOf[index]!;
      if (distanceTo([x, y], from, to) <= reachOf(piece)) found.add(piece);
    }
    return [...found];
  }

  /** Whether a piece runs the way of a stretch that it lies at: at the end of a line it lies across. */
  runsAlong(piece: PlanTape, { a, b }: Border): boolean {
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const middle: PlanPoint = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    return piece.path.slice(1).some((to, place) => {
      const from = piece.path[place]!;
      const [x, y] = [to[0] - from[0], to[1] - from[1]];
      const isOneWay = Math.abs(dx * y - dy * x) < alongSine * lengthOf(dx, dy) * lengthOf(x, y);
      const edgeMm = (piece.centred ? piece.width / 2 : 0) + alongMm;
      return isOneWay && distanceTo(middle, from, to) <= edgeMm;
    });
  }

  /** What a piece's body lies on, beside its path; null off the surface. Of one that lies on both sides what is under its middle. */
  under({ path, lies, centred, overRegion }: PlanTape): number | null {
    // A curve so short that it is told as straight has no inside to look for.
    if ((lies === "inside" || lies === "outside") && path.length < 3)
      return this.indexOf.get(overRegion ?? "") ?? null;
    const middle = Math.floor((path.length - 1) / 2);
    const [a, b] = [path[middle]!, path[Math.min(path.length - 1, middle + 1)]!];
    const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    if (centred) return this.regionAt([x, y]);
    const [dx, dy] = sideOf(path, lies, a, b);
    return this.regionAt([x + beyondMm * dx, y + beyondMm * dy]);
  }

  /** What lies on the right of a stretch of an outline: its own region is always on the left. */
  private beyond(a: PlanPoint, b: PlanPoint): number | null {
    const met = this.edgesByEnds().get(keyOf(b, a));
    if (met !== undefined) return met;
    const size = lengthOf(b[0] - a[0], b[1] - a[1]);
    const [nx, ny] = [(b[1] - a[1]) / size, -(b[0] - a[0]) / size];
    return this.regionAt([(a[0] + b[0]) / 2 + beyondMm * nx, (a[1] + b[1]) / 2 + beyondMm * ny]);
  }

  private edgesByEnds(): Map<string, number> {
    if (this.edges) return this.edges;
    const edges = new Map<string, number>();
    this.regions.forEach((region, index) => {
      for (const ring of ringsOf(region))
        ring.forEach((a, place) => edges.set(keyOf(a, ring[(place + 1) % ring.length]!), index));
    });
    return (this.edges = edges);
  }
}

const ringsOf = ({ outline, holes }: PlanRegion): readonly (readonly PlanPoint[])[] => [outline, ...holes];

/** One that lies on both sides of its line covers that line's ends, too, as far as it is wide. */
const reachOf = ({ width, centred }: PlanTape): number => (centred ? width + alongMm : alongMm);

const isPoint = (a: PlanPoint, b: PlanPoint): boolean =>
  Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]) < placeStep;

const keyOf = (a: PlanPoint, b: PlanPoint): string =>
  `${Math.round(a[0] / placeStep)},${Math.round(a[1] / placeStep)} ${Math.round(b[0] / placeStep)},${Math.round(b[1] / placeStep)}`;

function indexed(shapes: readonly (readonly PlanPoint[])[], reaches?: readonly number[]): Flatbush | null {
  if (shapes.length === 0) return null;
  const index = new Flatbush(shapes.length);
  shapes.forEach((points, place) => {
    const reach = reaches?.[place] ?? 0;
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    index.add(
      Math.min(...xs) - reach,
      Math.min(...ys) - reach,
      Math.max(...xs) + reach,
      Math.max(...ys) + reach,
    );
  });
  index.finish();
  return index;
}

/** A region of many corners is asked at many places: its edges are kept so that only those beside a place are gone through. */
class Inside {
  private readonly edges: (readonly [PlanPoint, PlanPoint])[];
  private readonly boxes: Flatbush;

  constructor(region: PlanRegion) {
    this.edges = ringsOf(region).flatMap((ring) =>
      ring.map((a, place) => [a, ring[(place + 1) % ring.length]!] as const),
    );
    this.boxes = indexed(this.edges)!;
  }

  /** By the even-odd rule: how often a way to the right crosses its outline and its holes. */
  has([x, y]: PlanPoint): boolean {
    let isInside = false;
    for (const edge of this.boxes.search(x, y, Infinity, y)) {
      const [[ax, ay], [bx, by]] = this.edges[edge]!;
      if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) isInside = !isInside;
    }
    return isInside;
  }
}

const distanceTo = ([x, y]: PlanPoint, a: PlanPoint, b: PlanPoint): number =>
  distanceToSegment({ x, y }, { x: a[0], y: a[1] }, { x: b[0], y: b[1] });

/** The direction in which a tape's body lies from a stretch of its path, seen with y up. */
function sideOf(path: readonly PlanPoint[], lies: PlanTape["lies"], a: PlanPoint, b: PlanPoint): PlanPoint {
  const size = lengthOf(b[0] - a[0], b[1] - a[1]) || 1;
  const normal: PlanPoint = [-(b[1] - a[1]) / size, (b[0] - a[0]) / size];
  const wanted: PlanPoint =
    lies === "left"
      ? [-1, 0]
      : lies === "right"
        ? [1, 0]
        : lies === "above"
          ? [0, 1]
          : lies === "below"
            ? [0, -1]
            : towardsCentre(path, lies === "inside");
  const along = normal[0] * wanted[0] + normal[1] * wanted[1];
  return along >= 0 ? normal : [-normal[0], -normal[1]];
}

/** From a curve's middle to the middle of the chord between its ends, which is on the side of its centre. */
function towardsCentre(path: readonly PlanPoint[], isInside: boolean): PlanPoint {
  const [first, middle, last] = [path[0]!, path[Math.floor(path.length / 2)]!, path.at(-1)!];
  const isRing = lengthOf(first[0] - last[0], first[1] - last[1]) < 1;
  const [cx, cy] = isRing ? meanOf(path) : [(first[0] + last[0]) / 2, (first[1] + last[1]) / 2];
  const sign = isInside ? 1 : -1;
  return [sign * (cx - middle[0]), sign * (cy - middle[1])];
}

const meanOf = (path: readonly PlanPoint[]): PlanPoint => [
  path.reduce((sum, [x]) => sum + x, 0) / path.length,
  path.reduce((sum, [, y]) => sum + y, 0) / path.length,
];
