import { curveLength, segment, type Curve, type Segment } from "../geometry/curve";
import { besides } from "../pattern/matchCorner";
import type { Pattern } from "../pattern/pattern";
import type { Surface } from "../wall/surface";
import { tapeWidthMm } from "../trade/constants";
import { isByHand } from "./isCurved";
import { joinEdges, type Stretch } from "./joinEdges";
import type { Edges } from "./schema";
import { sealEdge, type Seal } from "./sealEdge";
import { tapeVisibleLines } from "./tapeVisibleLines";

export type TapeSide = "left" | "right" | "above" | "below" | "inside" | "outside";
export type MaskAgainst = "ceiling" | "trim" | "neighbour" | "opening";

/** What most pieces are: the usual tape on one side of its line. */
const usual = { andCuts: null, centred: false, width: tapeWidthMm } as const;

/** One piece of tape of one round. Lengths in mm, without laps or tails. */
export interface TapePiece {
  readonly path: readonly Curve[];
  readonly length: number;
  /** The side of the line on which the tape's body sits, seen with y up. */
  readonly lies: TapeSide;
  /** The colour that it lies on; null for what is not of the job (trim, ceiling, glass). */
  readonly over: string | null;
  /** The region that it lies on, by index. */
  readonly under: number | null;
  /** The colour whose edge it cuts; null for masks around the wall. */
  readonly cuts: string | null;
  /** The colour at its other edge, where a tape that stays as a visible line parts two. */
  readonly andCuts: string | null;
  /** Whether its body lies on both sides of the path: the middle of a visible line. */
  readonly centred: boolean;
  readonly width: number;
  readonly against: MaskAgainst | null;
  /** The wall on the other side of the corner that it runs along; null for what is on this wall alone. */
  readonly corner: string | null;
  /** The colour that is painted up to it, and its group. */
  readonly paints: string;
  readonly group: number;
}

/** A piece as a painter's schools have it: what keeps paint from creeping under it, or no tape there at all. */
export interface EdgePiece extends TapePiece {
  readonly sealWith: Seal;
  /** Cut in by hand instead. */
  readonly byHand: boolean;
}

/** A corner of a run as one of its two walls sees it: which end it is, and what of the other wall meets it there. */
export interface JoinedEnd {
  readonly end: "left" | "right";
  readonly meets: readonly Meeting[];
}

interface Meeting {
  /** This wall's region, and its stretch of the corner. */
  readonly region: number;
  readonly stretch: Segment;
  /** The other wall's region. */
  readonly other: { readonly wall: string; readonly colour: string; readonly group: number };
}

/**
 * The tape of one wall: every boundary between two colours once, on the region painted earlier, and masks around each
 * painted region. A boundary at the corner of a run lies on the wall whose region is painted earlier; where a region
 * goes on around the corner in the same colour, nothing is taped. `groupOf` gives each region's group (0: left in base).
 */
export function planTape(
  pattern: Pattern,
  surface: Surface,
  groupOf: readonly number[],
  joined: readonly JoinedEnd[],
  schools: Edges,
): EdgePiece[] {
  const visible = tapeVisibleLines(pattern, surface, groupOf);
  const edges = pattern.edges.filter((_, index) => !visible.served.has(index));
  const flat = joinEdges(edges).flatMap((stretch) =>
    stretch.left === null || stretch.right === null
      ? maskAround(stretch, surface, pattern, groupOf, joined)
      : tapeBoundary(stretch, pattern, groupOf),
  );
  const corners = joined.flatMap((end) => tapeCorner(end, pattern, groupOf));
  const { texture } = surface.wall;
  return [...visible.pieces, ...flat, ...corners].map((piece) =>
    // The pieces are just made, and nobody else's.
    Object.assign(piece, { sealWith: sealEdge(piece, texture, schools), byHand: isByHand(piece, schools) }),
  );
}

function tapeCorner(
  { end, meets }: JoinedEnd,
  { regions }: Pattern,
  groupOf: readonly number[],
): TapePiece[] {
  return meets.flatMap(({ region, stretch, other }): TapePiece[] => {
    const { colour } = regions[region]!;
    const group = groupOf[region]!;
    // Two bases of different colour that meet at a corner are as they were: nothing is painted there.
    const isEarlier = group < other.group;
    if (colour === other.colour || !isEarlier) return [];
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
        paints: other.colour,
        group: other.group,
      },
    ];
  });
}

function tapeBoundary(stretch: Stretch, { regions }: Pattern, groupOf: readonly number[]): TapePiece[] {
  const [left, right] = [regions[stretch.left!]!, regions[stretch.right!]!];
  // Two of one group only touch there, along less than rounds take notice of: neither is dry for tape.
  if (left.colour === right.colour || groupOf[stretch.left!] === groupOf[stretch.right!]) return [];
  const leftIsEarlier = groupOf[stretch.left!]! < groupOf[stretch.right!]!;
  return [
    {
      path: stretch.path,
      length: stretch.length,
      lies: sideOf(stretch.path[0]!, leftIsEarlier),
      under: leftIsEarlier ? stretch.left : stretch.right,
      over: leftIsEarlier ? left.colour : right.colour,
      cuts: leftIsEarlier ? right.colour : left.colour,
      against: null,
      corner: null,
      ...usual,
      paints: leftIsEarlier ? right.colour : left.colour,
      group: Math.max(groupOf[stretch.left!]!, groupOf[stretch.right!]!),
    },
  ];
}

function maskAround(
  stretch: Stretch,
  surface: Surface,
  { regions }: Pattern,
  groupOf: readonly number[],
  joined: readonly JoinedEnd[],
): TapePiece[] {
  const inside = stretch.left ?? stretch.right!;
  const group = groupOf[inside]!;
  if (group === 0) return [];
  const source = stretch.sources[0]!;
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
    paints: regions[inside]!.colour,
    group,
  }));
}

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
