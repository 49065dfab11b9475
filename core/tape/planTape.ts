import { curveLength, segment, type Curve, type Segment } from "../geometry/curve";
import { isInsideContour } from "../geometry/contour";
import { distance, midpoint } from "../geometry/point";
import { besides } from "../pattern/matchCorner";
import type { Pattern } from "../pattern/pattern";
import type { Surface } from "../wall/surface";
import { tapeWidthMm } from "../trade/constants";
import { once } from "../geometry/once";
import { handworkOf } from "./handwork";
import { slitToGaps } from "./narrowGaps";
import { joinEdges, type TapeLine } from "./joinEdges";
import type { Edges } from "./schema";
import { isCaulk, sealEdge, type Under } from "./sealEdge";
import type { EdgePiece, MaskAgainst, TapePiece, TapeSide } from "./tapePiece";
import { tapeVisibleLines } from "./tapeVisibleLines";

/** What most pieces are: the usual tape on one side of its line. */
const usual = { andCuts: null, centred: false, stays: false, isSlit: false, width: tapeWidthMm } as const;

/** Whether a tape does stay on: a wet film asks for new tape a coat. */
export const staysOn = ({ stays, sealWith }: EdgePiece): boolean => stays && !isCaulk(sealWith);

/** A corner of a run as one of its two walls sees it: which end it is, and what of the other wall meets it there. */
export interface JoinedEnd {
  readonly end: "left" | "right";
  readonly isExternal: boolean;
  readonly meets: readonly Meeting[];
}

interface Meeting {
  /** This wall's region, and its stretch of the corner. */
  readonly region: number;
  readonly stretch: Segment;
  /** The other wall's region. */
  readonly other: {
    readonly wall: string;
    readonly region: string;
    readonly colour: string;
    readonly group: number;
  };
}

/** What the tape of a wall depends on. */
export interface TapeInput {
  readonly pattern: Pattern;
  readonly surface: Surface;
  /** The group of each region; 0: left in base. */
  readonly groupOf: readonly number[];
  readonly joined: readonly JoinedEnd[];
  readonly schools: Edges;
  /** What masks at the ceiling lie on; null where nothing is told of it. */
  readonly ceiling: Under | null;
}

/**
 * The masks around a wall that is painted all over, before its base. `goesOn` are the ends around which the same base goes
 * on, where there is nothing to mask.
 */
export function maskBase(input: TapeInput, base: string, goesOn: ReadonlySet<string>): EdgePiece[] {
  const { pattern, surface } = input;
  const whole = (side: number | null) => (side === null ? null : 0);
  const around = pattern.edges
    .filter(({ sources }) => !isFreeEdge(sources[0] ?? "", surface))
    .map((edge) => ({ ...edge, left: whole(edge.left), right: whole(edge.right) }))
    .filter(({ left, right, sources }) => left !== right && !goesOn.has(sources[0] ?? ""));
  return inSchools(
    joinEdges(around).map(({ path, length, left, sources }): TapePiece => ({
      path,
      length,
      lies: sideOf(path[0]!, left === null),
      under: null,
      over: null,
      cuts: null,
      against: againstWhat(sources[0]!, surface),
      corner: null,
      ...usual,
      line: sources[0]!,
      beside: [],
      upTo: [{ paint: base, group: 0 }],
      onArris: isExternalEnd(sources[0]!, surface),
    })),
    input,
  );
}

/** The tape of a wall. */
export interface TapeOfWall {
  readonly tape: readonly EdgePiece[];
  /** For further coats beside what was painted later and is dry; planned when it is first asked for. */
  readonly tapeAgain: () => readonly EdgePiece[];
}

/**
 * The tape of one wall: every boundary between two colours once, on the region painted earlier, and masks around each
 * painted region. A boundary at the corner of a run lies on the wall whose region is painted earlier; where a region
 * goes on around the corner in the same colour, nothing is taped. For a further coat the same boundaries on their other
 * side, those of visible lines too where these are painted: on base they have their tape on still.
 */
export function planTape(input: TapeInput): TapeOfWall {
  const { pattern, surface, groupOf, joined } = input;
  const visible = tapeVisibleLines(pattern, surface, groupOf);
  const edges = pattern.edges.filter((_, index) => !visible.served.has(index));
  const stretches = joinEdges(edges);
  const isMask = ({ left, right }: TapeLine) => left === null || right === null;
  const cornersOn = (lieOn: LieOn) => joined.flatMap((end) => tapeCorner(end, pattern, groupOf, lieOn));
  const first = stretches.flatMap((stretch) =>
    isMask(stretch)
      ? maskAround(stretch, surface, pattern, groupOf, joined)
      : tapeBoundary(stretch, pattern, groupOf, "earlier"),
  );
  const isLaid = laidOnSomething(pattern);
  const further = () =>
    joinEdges(pattern.edges).flatMap((stretch) =>
      isMask(stretch) ? [] : tapeBoundary(stretch, pattern, groupOf, "later"),
    );
  return {
    tape: slitToGaps(
      inSchools([...visible.pieces, ...first.filter(isLaid), ...cornersOn("earlier")], input),
      "stays",
    ),
    tapeAgain: once(() =>
      slitToGaps(inSchools([...further().filter(isLaid), ...cornersOn("later")], input), "comes off"),
    ),
  };
}

/** A piece that is shorter, mm, is not laid where what is under it is narrower than this: such an edge is for the eye and a small brush. */
const leastPieceMm = 3;
const leastUnderMm = 1;

/** Whether there is something of the region that a piece lies on, beside the middle of any part of it. */
const laidOnSomething =
  ({ regions }: Pattern) =>
  ({ under, path, lies, length }: TapePiece): boolean =>
    under === null ||
    length >= leastPieceMm ||
    path.some((curve) => {
      if (curve.kind === "arc") return true;
      const { a, b } = curve;
      const length = distance(a, b);
      if (length === 0) return false;
      const out = (sideOf(curve, true) === lies ? leastUnderMm : -leastUnderMm) / length;
      const at = midpoint(a, b);
      const beside = { x: at.x - (b.y - a.y) * out, y: at.y + (b.x - a.x) * out };
      return isInsideContour(beside, regions[under]!.face.outer);
    });

const inSchools = (pieces: readonly TapePiece[], { surface, schools, ceiling }: TapeInput): EdgePiece[] =>
  pieces.map((piece) => {
    // The pieces are just made, and nobody else's.
    const seal = sealEdge(piece, surface.wall.texture, schools, ceiling);
    return Object.assign(piece, seal, { byHand: handworkOf(piece, schools) });
  });

/** Which of two neighbours the tape lies on: of a first coat what was painted earlier, of a further one also the other. */
type LieOn = "earlier" | "later";

function tapeCorner(
  { end, meets, isExternal }: JoinedEnd,
  { regions }: Pattern,
  groupOf: readonly number[],
  lieOn: LieOn,
): TapePiece[] {
  return meets.flatMap(({ region, stretch, other }): TapePiece[] => {
    const { colour } = regions[region]!;
    const group = groupOf[region]!;
    // Two bases of different colour that meet at a corner are as they were: nothing is painted there.
    const isUnder = lieOn === "earlier" ? group < other.group : group > other.group && other.group > 0;
    if (colour === other.colour || !isUnder) return [];
    return [
      {
        path: [stretch],
        length: curveLength(stretch),
        lies: end === "left" ? "right" : "left",
        under: region,
        over: colour,
        cuts: other.colour,
        against: null,
        corner: other.wall,
        ...usual,
        line: end,
        beside: [other.region],
        upTo: [{ paint: other.colour, group: other.group }],
        onArris: isExternal,
      },
    ];
  });
}

function tapeBoundary(
  stretch: TapeLine,
  { regions }: Pattern,
  groupOf: readonly number[],
  lieOn: LieOn,
): TapePiece[] {
  const [left, right] = [regions[stretch.left!]!, regions[stretch.right!]!];
  const [onLeft, onRight] = [groupOf[stretch.left!]!, groupOf[stretch.right!]!];
  // Two of one group only touch there, along less than rounds take notice of: neither is dry for tape.
  if (left.colour === right.colour || onLeft === onRight) return [];
  // Base has no further coat.
  if (lieOn === "later" && Math.min(onLeft, onRight) === 0) return [];
  const isOnLeft = lieOn === "earlier" ? onLeft < onRight : onLeft > onRight;
  const [under, painted] = isOnLeft ? [left, right] : [right, left];
  return [
    {
      path: stretch.path,
      length: stretch.length,
      lies: sideOf(stretch.path[0]!, isOnLeft),
      under: isOnLeft ? stretch.left : stretch.right,
      over: under.colour,
      cuts: painted.colour,
      against: null,
      corner: null,
      ...usual,
      line: stretch.sources[0]!,
      beside: [painted.id],
      upTo: [{ paint: painted.colour, group: isOnLeft ? onRight : onLeft }],
      onArris: false,
    },
  ];
}

function maskAround(
  stretch: TapeLine,
  surface: Surface,
  { regions }: Pattern,
  groupOf: readonly number[],
  joined: readonly JoinedEnd[],
): TapePiece[] {
  const inside = stretch.left ?? stretch.right!;
  const group = groupOf[inside]!;
  if (group === 0) return [];
  const source = stretch.sources[0]!;
  if (isFreeEdge(source, surface)) return [];
  const joint = joined.find(({ end }) => end === source);
  const met = joint?.meets.filter(({ region }) => region === inside).map((meeting) => meeting.stretch) ?? [];
  const paths =
    met.length === 0
      ? [stretch.path]
      : besides(segment(stretch.path[0]!.a, stretch.path.at(-1)!.b), met).map((rest) => [rest]);
  return paths.map((path) => ({
    path,
    length: path.reduce((sum, curve) => sum + curveLength(curve), 0),
    lies: sideOf(path[0]!, stretch.left === null),
    under: null,
    over: null,
    cuts: null,
    against: againstWhat(source, surface),
    corner: null,
    ...usual,
    line: source,
    beside: [regions[inside]!.id],
    upTo: [{ paint: regions[inside]!.colour, group }],
    onArris: isExternalEnd(source, surface),
  }));
}

/** The edge of a thing on a table, which brush and roller go over. */
const isFreeEdge = (source: string, { wall }: Surface): boolean =>
  wall.object !== undefined && !source.startsWith("opening");

const isExternalEnd = (source: string, { wall }: Surface): boolean =>
  (source === "left" && wall.leftEdge === "external") ||
  (source === "right" && wall.rightEdge === "external");

function againstWhat(source: string, { wall }: Surface): MaskAgainst {
  if (source === "top") return wall.cornice > 0 ? "trim" : "ceiling";
  if (source === "bottom") return wall.skirting > 0 ? "trim" : "neighbour";
  return source === "left" || source === "right" ? "neighbour" : "opening";
}

/** Which side, in a painter's words, is the left (or right) of a curve as it is walked. */
export function sideOf(curve: Curve, isLeft: boolean): TapeSide {
  if (curve.kind === "arc") return curve.sweep > 0 === isLeft ? "inside" : "outside";
  const sign = isLeft ? 1 : -1;
  const x = -(curve.b.y - curve.a.y) * sign;
  const y = (curve.b.x - curve.a.x) * sign;
  // At 45 degrees either word is true; the last bits must not choose it.
  if (Math.abs(x) >= Math.abs(y) * (1 - 1e-9)) return x < 0 ? "left" : "right";
  return y > 0 ? "above" : "below";
}
