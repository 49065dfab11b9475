import type * as z from "zod";
import type { Stencil } from "../stencil/schema";
import type { Edges } from "../tape/schema";
import type { SundryKind } from "../work/contribution";
import type { Strip } from "../wall/strip";
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
  /** The second paints of some of its colours; absent where it has none. */
  readonly shades?: Readonly<Record<string, string>>;
}

/**
 * A finish as a document and the screens know it: plain data and pure functions. What comes of it on the wall is its craft.
 * Adding one is a folder with a line in each of the two lists. (Its functions are written as methods so that the registry
 * can hold finishes of different specs in one list.)
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
  /** Whether it repeats along its walls, so that around a room its end meets its beginning; absent for one that does not. */
  goesAround?(spec: Spec): boolean;
  /** Lays it out on a strip, once; the methods of its craft, and `edit`, take what it answers. What only some of them ask for is worked out then. */
  layOut(spec: Spec, strip: Strip, context: FinishContext): Layout;
  /** Other ways to come to much the same look, this one first; null: the walls painted all over instead. */
  otherWays?(spec: Spec): readonly OtherWay[];
  /** The few numbers that the card shows; of the spec, since they have to be there when nothing can be laid out. */
  card(spec: Spec, strip: Strip, context: FinishContext): readonly CardField[];
  /** What can be taken hold of, drawn and filled on the wall itself. */
  edit(layout: Layout): Editing;
  /** What is told of it as it comes onto the wall; absent for one of which nothing is. */
  lookedAt?(spec: Spec): LookedAt;
  /** Its pieces touch as often as not, so that a brush that cuts in may be done sooner than tape in turns. */
  readonly mayCutIn?: true;
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

/** What is looked at as a finish comes onto the wall, since what comes after follows from it. */
export interface LookedAt {
  /** Whether places that a coat has missed are told: the next coat takes them. */
  readonly misses: boolean;
  /** How a section may look, as planned first; none where sections are not looked at one by one. */
  readonly sections: readonly SectionLook[];
  /** The codes of the findings that follow from what was told. */
  readonly findings: readonly string[];
}

/** How a section looks, and what is told of it then; `paint` is named after the label. */
export interface SectionLook {
  readonly label: string;
  readonly paint?: string;
  readonly seen: Readonly<Record<string, unknown>>;
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

/** Copies and freezes a definition, so that no caller can change a finish for the others. */
export function defineFinish<Kind extends string, Schema extends z.ZodObject, Layout>(
  definition: FinishDefinition<Kind, Schema, Layout>,
): FinishDefinition<Kind, Schema, Layout> {
  if (!/^[a-z]+(-[a-z]+)*$/.test(definition.kind))
    throw new Error(`A finish kind is kebab-case: ${definition.kind}`);
  return Object.freeze({ ...definition });
}
