import type { z } from "zod";
import type { Cure, Finding } from "../findings/finding";
import type { Offer } from "../fit/offer";
import type { Candidate } from "../fit/candidates";
import type { Point } from "../geometry/point";
import type { Design } from "../pattern/pattern";
import type { Strip } from "../wall/strip";
import type { Editing } from "./editing";

/** What a finish may know about the job around it. */
export interface FinishContext {
  readonly tapeDivision: number;
  readonly viewingDistance: number;
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

/**
 * A finish: plain data and pure functions. Adding one is one folder and one line in the registry. (Its functions are
 * written as methods so that the registry can hold finishes of different specs in one list.)
 */
export interface FinishDefinition<Kind extends string, Schema extends z.ZodObject, Spec = z.infer<Schema>> {
  readonly kind: Kind;
  /** What a painter calls it. */
  readonly title: string;
  readonly spec: Schema;
  /** Every paint that the spec names. */
  paints(spec: Spec): readonly SpecReference[];
  /** Every opening or fixture that the spec names. */
  things(spec: Spec): readonly SpecReference[];
  /** What it makes of a strip: one design, or several that lie over each other, the lowest first. */
  design(spec: Spec, strip: Strip, context: FinishContext): readonly Design[];
  check(spec: Spec, strip: Strip, context: FinishContext): readonly Finding[];
  /** How it divides the wall and could otherwise; null for a finish that divides nothing. */
  fit(spec: Spec, strip: Strip, context: FinishContext): FitReport | null;
  /** Ranked ways to lay it out otherwise, for a finish that is not divided as `fit` reports. */
  offers?(spec: Spec, strip: Strip, context: FinishContext): readonly Offer[];
  /** The few numbers that the card shows. */
  card(spec: Spec, strip: Strip): readonly CardField[];
  /** What can be taken hold of, drawn and filled on the wall itself. */
  edit(spec: Spec, strip: Strip, context: FinishContext): Editing;
  /** The change that lets it follow the floor or the ceiling, where a level line beside that makes a wedge. */
  follow?(spec: Spec, strip: Strip, side: "top" | "bottom"): Cure | null;
  /** A first spec for a wall that has none. */
  start(strip: Strip, paints: readonly string[], base: string): Readonly<Record<string, unknown>>;
}

/** Copies and freezes a definition, so that no caller can change a finish for the others. */
export function defineFinish<Kind extends string, Schema extends z.ZodObject>(
  definition: FinishDefinition<Kind, Schema>,
): FinishDefinition<Kind, Schema> {
  if (!/^[a-z]+(-[a-z]+)*$/.test(definition.kind))
    throw new Error(`A finish kind is kebab-case: ${definition.kind}`);
  return Object.freeze({ ...definition });
}
