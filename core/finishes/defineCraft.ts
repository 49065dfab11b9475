import type { Cure, Finding } from "../findings/finding";
import type { FindingWords } from "../findings/messages";
import type { Words } from "../findings/said";
import type { Candidate } from "../fit/candidates";
import type { Offer } from "../fit/offer";
import type { Box } from "../geometry/curve";
import type { Point } from "../geometry/point";
import type { Paint } from "../paint/schema";
import type { Covered } from "../pattern/covered";
import type { Design, Region, WallBricks, WallSheets } from "../pattern/pattern";
import type { Effect, Placement, WallMotif } from "../pattern/placement";
import type { Visibility } from "../trade/visibleDifference";
import type { Wall } from "../wall/schema";
import type { Contribution } from "../work/contribution";
import type { Work } from "../work/schema";
import type { Wait } from "../work/step";

/** How a finish divided the wall, and the other ways it could. */
export interface FitReport {
  /** What one division is called: "stripe". */
  readonly noun: string;
  /** The axis across the divisions: a point p lies at normal . p, counted from start. */
  readonly axis: { readonly normal: Point; readonly start: number };
  /** The paints in turn, by a division's colour. */
  readonly colours: readonly string[];
  readonly candidates: readonly Candidate[];
  readonly chosen: Candidate;
  /** Far-end error in mm if the rounded division had been stepped; null when divisions are not equal. */
  readonly steppedAtEnd: number | null;
}

/** A part of a way on one wall: its length, the repeats on it, by how much each is stretched, mm, and whether that shows. */
export interface FittedLeg {
  readonly wall: string;
  readonly name: string;
  readonly length: number;
  readonly repeats: number;
  readonly stretch: number;
  readonly verdict: Visibility;
}

/**
 * What comes of a finish on the wall: its designs, what is noticed about it, its work and its words. Only the planner asks
 * for it, so a screen that shows or edits a finish does not load it.
 */
export interface FinishCraft<Layout> {
  /** What it makes of the strip: one design, or several that lie over each other, the lowest first. */
  design(layout: Layout): readonly Design[];
  check(layout: Layout): readonly Finding[];
  /** How it divides the wall and could otherwise; absent for a finish that divides nothing. */
  fit?(layout: Layout): FitReport | null;
  /** The legs of a way that whole repeats are fitted to; absent for what has none. */
  legs?(layout: Layout): readonly FittedLeg[];
  /** Ranked ways to lay it out otherwise, for a finish that is not divided as `fit` reports. */
  offers?(layout: Layout): readonly Offer[];
  /** The change that lets it follow the floor or the ceiling, where a level line beside that makes a wedge. */
  follow?(layout: Layout, side: "top" | "bottom"): Cure | null;
  /** What is done beside taping and rolling its regions, and what that takes; absent for a finish that is taped paint alone. */
  work?(share: FinishPart<Layout>, site: Site): Contribution;
  /** Sentences of its own: of its steps, cautions, evenings, tables and sundries. */
  readonly words?: Words;
  /** What its own findings say. */
  readonly findings?: FindingWords;
}

/** A finish's part of a job. */
export interface FinishPart<Layout> {
  readonly layout: Layout;
  readonly walls: readonly PartOfWall[];
}

/** What of one wall is a finish's own. */
export interface PartOfWall {
  readonly wall: Wall;
  readonly surfaceM2: number;
  readonly regions: readonly Region[];
  readonly motifs: readonly WallMotif[];
  readonly placements: readonly Placement[];
  readonly effects: readonly Effect[];
  readonly bricks: readonly WallBricks[];
  readonly sheets: readonly WallSheets[];
  /** What its effects lie over; null for what breaks up no paint. */
  readonly covered: Covered | null;
}

/** What a finish's work may know of the job. */
export interface Site {
  readonly work: Work;
  readonly paints: ReadonlyMap<string, Paint>;
  /** The painter's pace at something that a finish has brought a rate for. */
  rate(name: string): number;
  /** What has to be over before anything goes onto a wall: set out, its ground and all taped paint dry, the tape off. */
  ready(wall: Wall): readonly (Wait | null)[];
  /**
   * The same for what holds fast on it: masks, tape, sheets. What lies in some boxes alone, on bare base and clear of all
   * that is painted, waits for that base and not for what is painted elsewhere on the wall.
   */
  readyForTape(wall: Wall, boxes?: readonly Box[]): readonly (Wait | null)[];
}

/** Copies and freezes a craft, so that no caller can change it for the others. */
export function defineCraft<Layout>(craft: FinishCraft<Layout>): FinishCraft<Layout> {
  return Object.freeze({ ...craft });
}
