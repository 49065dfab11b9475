import type { Curve } from "../geometry/curve";

/** What keeps paint from creeping under a tape. */
export type Seal = "colour" | "clear" | "white" | "press";

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
  /** The colour at its other edge, where a tape that stays as a visible line parts two. */
  readonly andCuts: string | null;
  /** Whether its body lies on both sides of the path: the middle of a visible line, or of a gap that it is slit to. */
  readonly centred: boolean;
  /** Whether it is laid once, and stays until the last colour beside it is on. */
  readonly stays: boolean;
  /** Whether it is slit to a gap that is narrower than itself. */
  readonly isSlit: boolean;
  readonly width: number;
  readonly against: MaskAgainst | null;
  /** The wall on the other side of the corner that it runs along; null for what is on this wall alone. */
  readonly corner: string | null;
  /** What it lies along: a set-out line, a side of the wall or of an opening, by its id. */
  readonly line: string;
  /** The regions that are painted up to it, by their ids: around a corner the other wall's; none where that is a whole wall. */
  readonly beside: readonly string[];
  /** What is painted up to it; several where it parts them, and stays until the last of them is on. */
  readonly upTo: readonly PaintedUp[];
  /** Whether it would lie on the arris of an external corner. */
  readonly onArris: boolean;
}

/** A colour that is painted up to a tape, and the group that its regions are of. */
export interface PaintedUp {
  readonly paint: string;
  readonly group: number;
}

/** How an edge is painted without tape: cut in with a brush, or floated on at an external corner. */
export type Handwork = "cut" | "float";

/** A piece as a painter's schools have it: what keeps paint from creeping under it, or no tape there at all. */
export interface EdgePiece extends TapePiece {
  readonly sealWith: Seal;
  /** The paint that it is sealed with, where that is a colour. */
  readonly sealPaint: string | null;
  /** How it is done by hand instead; null where it is taped. */
  readonly byHand: Handwork | null;
}
