import type { Finding } from "../findings/finding";
import type { Segment } from "../geometry/curve";
import type { Face } from "../geometry/arrange";
import type { Curve } from "../geometry/curve";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";

/** What a place on the wall is to become. */
export interface Piece {
  readonly key: string;
  /** What it is called at the wall: "stripe 3". */
  readonly name: string;
  readonly colour: string;
}

/**
 * What a finish makes of a strip, before it is cut to the walls: its lines and what lies between them. All in the
 * strip's own coordinates.
 */
export interface Design {
  readonly lines: readonly SetOutLine[];
  /** The curves that divide pieces; the source is the id of a line, or a name of its own. */
  readonly dividers: readonly SourcedCurve<string>[];
  /** The piece at a point that lies on no divider; null for what this finish leaves uncovered. */
  readonly pieceAt: (point: Point) => Piece | null;
  readonly findings: readonly Finding[];
}

/** One connected piece of the wall in one paint, as the finish lays it out. */
export interface Region {
  readonly id: string;
  readonly colour: string;
  readonly name: string;
  readonly face: Face;
  /** A place well inside, for a label. */
  readonly at: Point;
}

/** A stretch between two vertices and the regions on its two sides; null is what is not painted. */
export interface PatternEdge {
  readonly curve: Curve;
  readonly from: number;
  readonly to: number;
  readonly left: number | null;
  readonly right: number | null;
  readonly sources: readonly string[];
}

/** Something set out on the wall: a plumb line, a level line, or a slanted one. */
export interface SetOutLine {
  readonly id: string;
  /** Its number among the lines of its finish, from 0. */
  readonly index: number;
  readonly kind: "plumb" | "level" | "slant";
  /** Within the outline, openings ignored. */
  readonly path: Segment;
  /** What lies on its two sides: "stripe 1 | stripe 2". */
  readonly use: string;
}

/** A set-out line as it runs over one wall. */
export interface WallLine extends SetOutLine {
  readonly finish: string;
}

/** What the finishes make of one wall, in the wall's own coordinates. The regions partition its surface exactly. */
export interface Pattern {
  readonly regions: readonly Region[];
  readonly edges: readonly PatternEdge[];
  readonly lines: readonly WallLine[];
}
