import type { Point } from "../geometry/point";

/** note: good to know. check: decide. stop: do not start like this. */
export type Severity = "note" | "check" | "stop";

/** What each code carries; lengths in mm. The wording is in `messages.ts`. */
export interface FindingValues {
  "end-under-half": { end: number; whole: number; side: "left" | "right" | "bottom" | "top" };
  "near-miss": { gap: number; thing: string };
  sliver: { width: number; thing: string };
  "remainder-shows": { difference: number; tolerance: number; distance: number };
  "ends-impossible": { wanted: "same" | "different" };
  "anchor-outside": { at: number };
  "too-many-divisions": { count: number };
  "too-narrow": { width: number };
  "opening-outside": { thing: string };
  "openings-overlap": { first: string; second: string };
  "fixture-outside": { thing: string };
  "trim-too-tall": { trim: number; height: number };
  "nothing-to-paint": Record<never, never>;
  "no-packs": { paint: string; needMl: number };
}

export type FindingCode = keyof FindingValues;

/** A change of one finish that cures a finding: the keys of the finish to replace. */
export interface Cure {
  readonly kind: CureKind;
  /** How many divisions the wall has after it. */
  readonly count: number;
  readonly finish: string;
  readonly set: Readonly<Record<string, unknown>>;
}

export type CureKind =
  "centre-other" | "whole-count" | "clear-it" | "hit-it" | "other-division" | "free-ends" | "anchor-on-wall";

type FindingOf<Code extends FindingCode> = {
  readonly code: Code;
  readonly severity: Severity;
  readonly values: FindingValues[Code];
  /** Where on the wall to look; null for what concerns the whole wall or job. */
  readonly at: Point | null;
  readonly cure?: Cure;
};

/** Something the program noticed, as data. */
export type Finding = { [Code in FindingCode]: FindingOf<Code> }[FindingCode];
