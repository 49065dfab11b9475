import type { Severity } from "../findings/finding";
import type { MaskAgainst, TapeSide } from "../tape/planTape";
import type { MarkOn } from "../setout/listMarks";

/** The plan document, as docs/job-format.md fixes it. Lengths in mm, areas in m2, volumes in ml. */
export interface Plan {
  format: "jacaranda-plan/1";
  walls: PlanWall[];
  paint: PlanPaint[];
  tapeTotals: { width: number; run_m: number; buy_m: number; rolls: number }[];
  rounds: PlanRound[];
  findings: PlanFinding[];
}

export type PlanPoint = [x: number, y: number];

export interface PlanWall {
  id: string;
  surface_m2: number;
  regions: PlanRegion[];
  /** The set-out lines in full, within the wall's trim, openings ignored. */
  lines: PlanLine[];
  /** Where to strike the level line, read up from the floor at the left; null when nothing is marked along it. */
  level: { at: number; reading: string } | null;
  marks: PlanMark[];
  checks: PlanMark[];
  radii: { centre: PlanPoint; radius: number; reading: string }[];
  tape: PlanTape[];
  fit: PlanFit | null;
  findings: PlanFinding[];
}

export interface PlanRegion {
  id: string;
  colour: string;
  area_m2: number;
  outline: PlanPoint[];
  holes: PlanPoint[][];
  /** What it is called at the wall, and a good place to write that. */
  name: string;
  label: PlanPoint;
}

export interface PlanLine {
  id: string;
  finish: string;
  kind: "plumb" | "level" | "slant";
  path: [PlanPoint, PlanPoint];
  use: string;
}

export interface PlanMark {
  id: string;
  on: MarkOn;
  axis: "x" | "y";
  at: number;
  reading: string;
  error: number;
  use: string;
}

export interface PlanTape {
  id: string;
  path: PlanPoint[];
  length: number;
  lies: TapeSide;
  over: string | null;
  cuts?: string;
  against?: MaskAgainst;
  round: number;
  seal: string | null;
  width: number;
}

export interface PlanCandidate {
  count: number;
  width: number | null;
  ends: "same" | "different";
  endWidths: [number, number];
  verdict: "good" | "fair" | "poor";
  score: number;
  why: string[];
  fit: unknown;
  /** Where the lines would stand, from the start of the span. */
  boundaries: number[];
  colours: string[];
}

export interface PlanFit {
  finish: string;
  /** The axis across the divisions: a point p lies at normal . p, counted from start. */
  axis: { normal: PlanPoint; start: number };
  chosen: PlanCandidate & { centre?: "stripe" | "joint" };
  proof: { worst_mm: number; steppedAtEnd_mm?: number };
  candidates: (PlanCandidate & { change: PlanChange })[];
}

export interface PlanChange {
  label: string;
  finish: string;
  set: Readonly<Record<string, unknown>>;
}

export interface PlanFinding {
  code: string;
  severity: Severity;
  say: string;
  remedy: string;
  at: PlanPoint | null;
  change?: PlanChange;
}

export interface PlanPaint {
  colour: string;
  area_m2: number;
  coats: number;
  need_ml: number;
  terms: { film_ml: number; seal_ml: number; tools_ml: number; touchUp_ml: number };
  packs: { size_ml: number; count: number; price: number }[];
  cost: number;
  left_ml: number;
}

export interface PlanRound {
  round: number;
  coat?: number;
  regions: string[];
  waitsFor: { round: number; what: "tape-over"; minutes: number }[];
}
