import type { Finding } from "../findings/finding";
import type { Segment } from "../geometry/curve";
import type { Face } from "../geometry/arrange";
import type { Curve } from "../geometry/curve";
import type { Point } from "../geometry/point";

/** One connected piece of the wall in one paint, as the finish lays it out. */
export interface Region {
  readonly id: string;
  readonly colour: string;
  /** What it is called at the wall: "stripe 3". */
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
  readonly kind: "plumb" | "level" | "slant";
  /** Within the outline, openings ignored. */
  readonly path: Segment;
  /** What lies on its two sides: "stripe 1 | stripe 2". */
  readonly use: string;
}

/** What every finish makes of a surface. The regions partition it exactly. */
export interface Pattern {
  readonly regions: readonly Region[];
  readonly edges: readonly PatternEdge[];
  readonly lines: readonly SetOutLine[];
  readonly findings: readonly Finding[];
}
