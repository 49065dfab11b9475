import type { Finding } from "../findings/finding";
import type { UnitSystem } from "../measure/units";
import type { Said } from "../findings/speech";
import type { PaintUse as UseOfPaint } from "../paint/calculateNeed";
import type { BrokenCoat } from "./broken/coats";
import type { StepDraft } from "./step";

/** What a technique or a finish brings to a job: what is done, and what that takes. */
export interface Contribution {
  /** Each only after those before it in the list, and what the contributions before it made. */
  readonly steps: readonly StepDraft[];
  readonly paint: readonly PaintUse[];
  readonly sundries: readonly SundryUse[];
  readonly tables: readonly Table[];
  readonly findings: readonly Finding[];
  /** Coats whose edge is joined while it is wet; absent where there are none. */
  readonly coats?: readonly BrokenCoat[];
}

export const nothing: Contribution = { steps: [], paint: [], sundries: [], tables: [], findings: [] };

/** What one wall asks of one paint. */
export interface PaintUse extends UseOfPaint {
  readonly paint: string;
  readonly wall: string;
}

/** So much of a thing that is bought beside paint. */
export interface SundryUse {
  readonly item: string;
  /** What is counted: metres, ml, m2, pieces or sessions. */
  readonly amount: number;
  /** Whole things, where the amount does not tell how many. */
  readonly count?: number;
  /** What it serves, where one is enough for all that need it one after the other: a sheet, a colour. */
  readonly of?: string;
  /** Of one, where the document tells it with what it is for. */
  readonly price?: number;
}

/** A kind of thing that is bought beside paint. */
export interface SundryKind {
  /** As its label reads; where that tells a size, in both units, as it is sold there. */
  readonly name: string | Readonly<Record<UnitSystem, string>>;
  /** How much of what is counted one of them serves. */
  readonly serves: number;
  /** What it was counted from. */
  readonly why: Said["code"];
  /** It leaves its own look in what it lays: with another one that is another look. */
  readonly leavesLook?: true;
}

/** Something to read off at the wall that is neither a mark nor a step. Cells are told in the job's own units. */
export interface Table {
  readonly id: string;
  readonly wall?: string;
  readonly title: Said;
  readonly columns: readonly TableColumn[];
  readonly rows: readonly Readonly<Record<string, string | number>>[];
}

export interface TableColumn {
  readonly key: string;
  readonly label: string;
  readonly as: "text" | "length" | "area" | "count" | "minutes" | "paint";
}
