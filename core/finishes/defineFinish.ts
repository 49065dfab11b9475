import type * as z from "zod";
import type { Cure, Finding } from "../findings/finding";
import type { Offer } from "../fit/offer";
import type { Candidate } from "../fit/candidates";
import type { Point } from "../geometry/point";
import type { FindingWords } from "../findings/messages";
import type { Words } from "../findings/said";
import type { Paint } from "../paint/schema";
import type { Design, Region, WallBricks, WallSheets } from "../pattern/pattern";
import type { Covered } from "../pattern/covered";
import type { Effect, Placement, WallMotif } from "../pattern/placement";
import type { Stencil } from "../stencil/schema";
import type { Edges } from "../tape/schema";
import type { Visibility } from "../trade/visibleDifference";
import type { Wall } from "../wall/schema";
import type { Strip } from "../wall/strip";
import type { Contribution, SundryKind } from "../work/contribution";
import type { Work } from "../work/schema";
import type { Wait } from "../work/step";
import type { Editing } from "./editing";

/** What a finish may know about the job around it. */
export interface FinishContext {
  readonly tapeDivision: number;
  readonly viewingDistance: number;
  readonly edges: Pick<Edges, "markAt"> & { readonly tapes: readonly number[] };
  readonly stencils: readonly Stencil[];
  /** The painter's paces, by their names. */
  readonly work: { readonly rates: object };
}

/** A spec on the strip that it is laid on, with what it may know of the job: what every finish's layout begins with. */
export interface Laid<Spec> {
  readonly spec: Spec;
  readonly strip: Strip;
  readonly context: FinishContext;
}

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

/** A value of the card: what is shown, and where in the finish a change is written. */
export type CardField =
  | { readonly type: "choice"; readonly label: string; readonly options: readonly CardOption[] }
  | {
      readonly type: "length" | "count" | "angle";
      readonly label: string;
      readonly path: readonly (string | number)[];
      readonly value: number | null;
    }
  | {
      readonly type: "colours";
      readonly label: string;
      readonly path: readonly (string | number)[];
      readonly value: readonly string[];
    }
  | {
      readonly type: "paint";
      readonly label: string;
      readonly path: readonly (string | number)[];
      /** Null: left in what is there. */
      readonly value: string | null;
      readonly mayBeNone: boolean;
      /** What none of them is called; "as it is" where it does not say. */
      readonly none?: string;
    }
  | {
      /** Something done with a button: a band more, a block less. */
      readonly type: "action";
      readonly label: string;
      readonly set: Readonly<Record<string, unknown>>;
    }
  | { readonly type: "heading"; readonly label: string };

export interface CardOption {
  readonly label: string;
  readonly selected: boolean;
  readonly set: Readonly<Record<string, unknown>>;
}

/** A place in a spec that names something of the job, and what it names. */
export interface SpecReference {
  readonly path: readonly (string | number)[];
  readonly id: string;
}

/** A sheet that a finish prints with, and the paints that go through its holes. */
export interface StencilReference extends SpecReference {
  /** Null where its colours are the finish's in turn. */
  readonly colours: Readonly<Record<string, string>> | null;
  readonly coloursPath: readonly string[];
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
 * A finish: plain data and pure functions. Adding one is one folder and one line in the registry. (Its functions are
 * written as methods so that the registry can hold finishes of different specs in one list.)
 */
export interface FinishDefinition<
  Kind extends string,
  Schema extends z.ZodObject,
  Layout,
  Spec = z.infer<Schema>,
> {
  readonly kind: Kind;
  /** What a painter calls it. */
  readonly title: string;
  readonly spec: Schema;
  /** Every paint that the spec names. */
  paints(spec: Spec): readonly SpecReference[];
  /** Every opening or fixture that the spec names. */
  things(spec: Spec): readonly SpecReference[];
  /** Every sheet that it prints with; absent for one that prints nothing. */
  stencils?(spec: Spec): readonly StencilReference[];
  /** Lays it out on a strip, once; the methods below take what it answers. What only some of them ask for is worked out then. */
  layOut(spec: Spec, strip: Strip, context: FinishContext): Layout;
  /** What it makes of the strip: one design, or several that lie over each other, the lowest first. */
  design(layout: Layout): readonly Design[];
  check(layout: Layout): readonly Finding[];
  /** How it divides the wall and could otherwise; absent for a finish that divides nothing. */
  fit?(layout: Layout): FitReport | null;
  /** The legs of a way that whole repeats are fitted to; absent for what has none. */
  legs?(layout: Layout): readonly FittedLeg[];
  /** Ranked ways to lay it out otherwise, for a finish that is not divided as `fit` reports. */
  offers?(layout: Layout): readonly Offer[];
  /** Other ways to come to much the same look, this one first; null: the walls painted all over instead. */
  otherWays?(spec: Spec): readonly OtherWay[];
  /** The few numbers that the card shows; of the spec, since they have to be there when nothing can be laid out. */
  card(spec: Spec, strip: Strip): readonly CardField[];
  /** What can be taken hold of, drawn and filled on the wall itself. */
  edit(layout: Layout): Editing;
  /** The change that lets it follow the floor or the ceiling, where a level line beside that makes a wedge. */
  follow?(layout: Layout, side: "top" | "bottom"): Cure | null;
  /** What is done beside taping and rolling its regions, and what that takes; absent for a finish that is taped paint alone. */
  work?(share: Share<Layout>, site: Site): Contribution;
  /** Sentences of its own: of its steps, cautions, evenings, tables and sundries. */
  readonly words?: Words;
  /** What its own findings say. */
  readonly findings?: FindingWords;
  /** Things that it needs bought beside the usual ones. */
  readonly sundries?: Readonly<Record<string, SundryKind>>;
  /** Paces of its own, until the painter's are known. */
  readonly rates?: Readonly<Record<string, RateKind>>;
  /** A first spec for a wall that has none; `stencils` are those at hand to print with. */
  start(
    strip: Strip,
    paints: readonly string[],
    base: string,
    stencils: readonly Stencil[],
  ): Readonly<Record<string, unknown>>;
}

/** A way to come to a look: what it is called, and what is laid on the walls instead. */
export interface OtherWay {
  readonly name: string;
  readonly finish: Readonly<Record<string, unknown>> | null;
}

/** A pace: so much a minute, or minutes for one. */
export interface RateKind {
  readonly usual: number;
  readonly as: "a minute" | "minutes";
  /** What it is called beside its field: "Dabbing, discs". */
  readonly label: string;
}

/** A finish's part of a job. */
export interface Share<Layout> {
  readonly layout: Layout;
  readonly walls: readonly ShareOfWall[];
}

/** What of one wall is a finish's own. */
export interface ShareOfWall {
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
}

/** Copies and freezes a definition, so that no caller can change a finish for the others. */
export function defineFinish<Kind extends string, Schema extends z.ZodObject, Layout>(
  definition: FinishDefinition<Kind, Schema, Layout>,
): FinishDefinition<Kind, Schema, Layout> {
  if (!/^[a-z]+(-[a-z]+)*$/.test(definition.kind))
    throw new Error(`A finish kind is kebab-case: ${definition.kind}`);
  return Object.freeze({ ...definition });
}
