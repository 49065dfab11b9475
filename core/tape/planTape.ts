import type { Curve } from "../geometry/curve";
import type { Pattern } from "../pattern/pattern";
import type { Surface } from "../wall/surface";
import { joinEdges, type Stretch } from "./joinEdges";

export type TapeSide = "left" | "right" | "above" | "below" | "inside" | "outside";
export type MaskAgainst = "ceiling" | "trim" | "neighbour" | "opening";

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
  readonly against: MaskAgainst | null;
  /** The colour that is painted up to it, and its group. */
  readonly paints: string;
  readonly group: number;
}

/**
 * The tape of one wall: every boundary between two colours once, on the region painted earlier, and masks
 * around each painted region. `groupOf` gives each region's group (0: left in base).
 */
export function planTape(pattern: Pattern, surface: Surface, groupOf: readonly number[]): TapePiece[] {
  return joinEdges(pattern.edges).flatMap((stretch) =>
    stretch.left === null || stretch.right === null
      ? maskAround(stretch, surface, pattern, groupOf)
      : tapeBoundary(stretch, pattern, groupOf),
  );
}

function tapeBoundary(stretch: Stretch, { regions }: Pattern, groupOf: readonly number[]): TapePiece[] {
  const [left, right] = [regions[stretch.left!]!, regions[stretch.right!]!];
  if (left.colour === right.colour) return [];
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
): TapePiece[] {
  const inside = stretch.left ?? stretch.right!;
  const group = groupOf[inside]!;
  if (group === 0) return [];
  const outsideIsLeft = stretch.left === null;
  const lies = sideOf(stretch.path[0]!, outsideIsLeft);
  const against = againstWhat(stretch.sources[0]!, surface);
  const paints = regions[inside]!.colour;
  return [
    {
      path: stretch.path,
      length: stretch.length,
      lies,
      under: null,
      over: null,
      cuts: null,
      against,
      paints,
      group,
    },
  ];
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
  if (Math.abs(x) >= Math.abs(y)) return x < 0 ? "left" : "right";
  return y > 0 ? "above" : "below";
}
