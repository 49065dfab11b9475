import type { Arrangement, Face } from "../geometry/arrange";
import type { Box, Curve, Segment } from "../geometry/curve";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import type { Effect, EffectDraft, Motif, Placement, PlacementDraft, WallMotif } from "./placement";

/** What a place on the wall is to become. */
export interface Piece {
  readonly key: string;
  /** What it is called at the wall: "stripe 3". */
  readonly name: string;
  /** What kind of piece it is, where it is counted: "stripe", "cell". */
  readonly noun?: string;
  /** Its number among those; of a cell its column and its row. */
  readonly numbers?: readonly number[];
  readonly colour: string;
  /** How its paint is put on; rolled where it does not say. */
  readonly technique?: string;
}

/** How the paint of a region is put on where its finish does not say otherwise. */
export const rolled = "rolled";

/**
 * What a finish makes of a strip, before it is cut to the walls: its lines and what lies between them. All in the
 * strip's own coordinates.
 */
export interface Design {
  readonly lines: readonly SetOutLine[];
  readonly centres?: readonly StringCentre[];
  /** Lines that one tape leaves in what is under it; their two edges are dividers of the same id. */
  readonly tapedLines?: readonly TapedLine[];
  /** Lengths that prove that what is set out is square. */
  readonly diagonals?: readonly Diagonal[];
  /** The curves that divide pieces; the source is the id of a line, or a name of its own. */
  readonly dividers: readonly Divider[];
  /**
   * The dividers already arranged with a wall's own edges, by the wall's id, for a finish that had to do that to find its
   * faces; sources are the dividers'.
   */
  readonly arrangements?: ReadonlyMap<string, Arrangement<string>>;
  /** Beyond this it leaves everything uncovered; absent for what may reach anywhere. */
  readonly extent?: Box;
  /** The piece at a point of a wall that lies on no divider; null for what this finish leaves uncovered. */
  readonly pieceAt: (point: Point, wall: string) => Piece | null;
  /** What is printed or laid on top, and where; it divides no pieces. */
  readonly motifs?: readonly Motif[];
  readonly placements?: readonly PlacementDraft[];
  /** How the paint of what is there already is broken up. */
  readonly effects?: readonly EffectDraft[];
  /** Faces of bricks, already as the walls cut them. */
  readonly bricks?: Brickwork;
  /** Sheets of paper, already as the walls cut them. */
  readonly sheets?: SheetWork;
}

/** What of a sheet of paper lies on one wall, in its coordinates. */
export interface PaperSheet {
  /** From 1, from the left; a sheet that goes around a corner has one number on both walls. */
  readonly n: number;
  readonly from: number;
  readonly to: number;
  /** Of its drop, and what that takes of its roll where another follows it, mm. */
  readonly length: number;
  readonly cut: number;
  readonly roll: number;
  /** How far into the pattern its top is, mm. */
  readonly phase: number;
  readonly isPart: boolean;
}

export interface SheetsOnWall {
  readonly list: readonly PaperSheet[];
  /** Where two of them meet. */
  readonly seams: readonly number[];
  /** Rolls that are opened for it. */
  readonly rolls: number;
}

/** Sheets of paper over a strip. */
export interface SheetWork {
  readonly onWalls: ReadonlyMap<string, SheetsOnWall>;
  readonly dropsPerRoll: number;
  readonly lastWidth: number;
  /** What they are drawn in. */
  readonly hex: string;
  /** Of the pattern down the roll; null where it has none that is matched. */
  readonly repeat: number | null;
}

/** What of a finish's sheets lies on a wall. */
export interface WallSheets extends Omit<SheetWork, "onWalls">, SheetsOnWall {
  readonly finish: string;
}

/** A face of a brick on one wall, in its coordinates, as its ends, floor and ceiling cut it. */
export interface Brick {
  readonly id: string;
  readonly wall: string;
  /** From 1, from the top. */
  readonly course: number;
  /** From 1, along its course from the left. */
  readonly n: number;
  readonly box: Box;
  /** The pieces that openings leave of it: what is stamped. */
  readonly parts: readonly Box[];
  readonly piece: "whole" | "part";
  /** What openings leave of it. */
  readonly share: number;
  /** Its paint. */
  readonly tone: string;
  /** In which turn it is printed, with which load, and which print of that. */
  readonly order: number;
  readonly load: number;
  readonly nthOfLoad: number;
}

/** Bricks in their bond over a strip, and the joints between them. */
export interface Brickwork {
  readonly list: readonly Brick[];
  readonly joints: ReadonlyMap<string, { readonly bedM: number; readonly perpendM: number }>;
  readonly courses: { readonly count: number; readonly bed: number };
  readonly perpendMm: number;
  readonly endPieceMm: number;
  /** How fresh and faded prints lie among each other: neighbours' correlation, what chance comes to, and what that means. */
  readonly mixing: {
    readonly correlation: number;
    readonly random: number;
    readonly verdict: "mixed" | "as by chance" | "bunched";
  };
}

/** What of a finish's brickwork lies on a wall. */
export interface WallBricks extends Omit<Brickwork, "joints"> {
  readonly finish: string;
  readonly bedM: number;
  readonly perpendM: number;
}

/** A dividing curve; one that follows a wall's own floor or ceiling divides that wall alone. */
export interface Divider extends SourcedCurve<string> {
  readonly wall?: string;
}

/** Two corners whose distance is read to prove that what lies between them is square. */
export interface Diagonal {
  readonly from: Point;
  readonly to: Point;
  readonly use: string;
}

/** A straight stretch of tape whose whole width stays as a visible line; several may share an id. */
export interface TapedLine {
  readonly id: string;
  /** The middle of the tape. */
  readonly path: Segment;
  readonly width: number;
}

/** A place that strings are held at, and their lengths, mm, the longest first. */
export interface StringCentre {
  readonly id: string;
  readonly centre: Point;
  readonly radii: readonly number[];
  readonly use: string;
}

/** One connected piece of the wall in one paint, as the finish lays it out. */
export interface Region {
  readonly id: string;
  readonly colour: string;
  readonly name: string;
  readonly noun: string;
  readonly numbers: readonly number[];
  /** The finish that it is of; null for bare base. */
  readonly finish: string | null;
  readonly technique: string;
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

/** What lies under a line and over it, or on its left and its right. */
export type Sides = readonly [string, string];

/** What a line between two things is called, and those two. */
export const lineBetween = (before: string, after: string) =>
  ({ use: `${before} | ${after}`, between: [before, after] }) as const;

/** Something set out on the wall: a plumb line, a level line, or a slanted one. */
export interface SetOutLine {
  readonly id: string;
  /** Its number among the lines of its finish, from 0. */
  readonly index: number;
  readonly kind: "plumb" | "level" | "slant";
  /** Within the outline, openings ignored. */
  readonly path: Segment;
  /** What it is, or what lies on its two sides: "stripe 1 | stripe 2". */
  readonly use: string;
  /** What lies on its two sides, where that is what it is called by. */
  readonly between?: Sides;
  /** The one wall that it runs over, where it follows that wall's floor or ceiling. */
  readonly wall?: string;
  /** Where something stands along another line: nothing runs along it, and no wedge is seen beside it. */
  readonly isTick?: true;
  /** Struck from a sketch: touched at its two ends, not measured or proved. */
  readonly byEye?: true;
}

/** A set-out line as it runs over one wall. */
export interface WallLine extends SetOutLine {
  readonly finish: string;
  /** Its name within its finish. */
  readonly key: string;
  /** The line itself with its finish, whatever the wall. */
  readonly line: string;
}

/** A place for strings as it lies from one wall. */
export interface WallCentre extends StringCentre {
  readonly line: string;
}

/** What the finishes make of one wall, in the wall's own coordinates. The regions partition its surface exactly. */
export interface Pattern {
  readonly regions: readonly Region[];
  readonly edges: readonly PatternEdge[];
  readonly lines: readonly WallLine[];
  readonly centres: readonly WallCentre[];
  readonly tapedLines: readonly TapedLine[];
  readonly diagonals: readonly Diagonal[];
  readonly motifs: readonly WallMotif[];
  readonly placements: readonly Placement[];
  /** Pieces of line that were gone through to cut prints at edges. */
  readonly cutPieces: number;
  readonly effects: readonly Effect[];
  readonly bricks: readonly WallBricks[];
  readonly sheets: readonly WallSheets[];
}
