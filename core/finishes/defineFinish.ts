import type { z } from "zod";
import type { Finding } from "../findings/finding";
import type { Candidate } from "../fit/candidates";
import type { Point } from "../geometry/point";
import type { Design } from "../pattern/pattern";
import type { Wall } from "../wall/schema";
import type { Strip } from "../wall/strip";

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
    };

export interface CardOption {
  readonly label: string;
  readonly selected: boolean;
  readonly set: Readonly<Record<string, unknown>>;
}

/** A finish: plain data and pure functions. Adding one is one folder and one line in the registry. */
export interface FinishDefinition<Kind extends string, Schema extends z.ZodObject, Spec = z.infer<Schema>> {
  readonly kind: Kind;
  /** What a painter calls it. */
  readonly title: string;
  readonly spec: Schema;
  /** Every paint that the spec names, with its path in the spec. */
  readonly paints: (
    spec: Spec,
  ) => readonly { readonly path: readonly (string | number)[]; readonly paint: string }[];
  readonly design: (spec: Spec, strip: Strip, context: FinishContext) => Design;
  readonly check: (spec: Spec, strip: Strip, context: FinishContext) => readonly Finding[];
  readonly fit: (spec: Spec, strip: Strip, context: FinishContext) => FitReport | null;
  /** The few numbers that the card shows. */
  readonly card: (spec: Spec, strip: Strip) => readonly CardField[];
  /** What becomes of the spec when a set-out line is dragged to a new reading; null when it cannot move. */
  readonly dragLine: (
    spec: Spec,
    strip: Strip,
    context: FinishContext,
    line: number,
    to: number,
  ) => Readonly<Record<string, unknown>> | null;
  /** A first spec for a wall that has none. */
  readonly start: (wall: Wall, paints: readonly string[]) => Readonly<Record<string, unknown>>;
}

/** Copies and freezes a definition, so that no caller can change a finish for the others. */
export function defineFinish<Kind extends string, Schema extends z.ZodObject>(
  definition: FinishDefinition<Kind, Schema>,
): FinishDefinition<Kind, Schema> {
  if (!/^[a-z]+(-[a-z]+)*$/.test(definition.kind))
    throw new Error(`A finish kind is kebab-case: ${definition.kind}`);
  return Object.freeze({ ...definition });
}
