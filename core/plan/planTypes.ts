import type { About } from "../findings/about";
import type { Severity } from "../findings/finding";
import type { MaskAgainst, TapeSide } from "../tape/tapePiece";
import type { ConditionKind } from "../findings/preparation";
import type { Visibility } from "../trade/visibleDifference";
import type { DatumChoice } from "../wall/judgeDatums";
import type {
  PlanBatch,
  PlanCost,
  PlanForecast,
  PlanMix,
  PlanPaint,
  PlanSundry,
  PlanTool,
} from "./planMoneyTypes";
import type { PlanPoint } from "./planPoint";
import type {
  PlanBorder,
  PlanBricks,
  PlanCoat,
  PlanEffect,
  PlanMotif,
  PlanPrints,
  PlanSheets,
  PlanStencil,
  PlanTable,
} from "./planPrintTypes";
import type { PlanLater, PlanLine, PlanMark, PlanOrdinates } from "./planSetOutTypes";
import type { PlanChange, PlanFit, PlanTaping } from "./planFitTypes";
import type {
  PlanClock,
  PlanDay,
  PlanDrift,
  PlanGate,
  PlanNext,
  PlanRate,
  PlanSchool,
  PlanStep,
  PlanWork,
} from "./planDayTypes";
import type { PlanBoard, PlanDecision, PlanSet } from "./planSetTypes";
import type { Seal } from "../tape/tapePiece";

export type {
  PlanBatch,
  PlanCost,
  PlanMix,
  PlanPacks,
  PlanPaint,
  PlanSundry,
  PlanTool,
} from "./planMoneyTypes";
export type { PlanCandidate, PlanChange, PlanFit, PlanTaping } from "./planFitTypes";
export type { PlanPoint } from "./planPoint";
export type { PlanBoard, PlanDecision, PlanSet } from "./planSetTypes";
export type { PlanLater, PlanLine, PlanMark, PlanOrdinates } from "./planSetOutTypes";
export type {
  PlanBorder,
  PlanBrick,
  PlanBricks,
  PlanCoat,
  PlanEffect,
  PlanMotif,
  PlanPrint,
  PlanPrints,
  PlanSheets,
  PlanStencil,
  PlanTable,
} from "./planPrintTypes";

/** The plan document, as docs/job-format.md fixes it. Lengths in mm, areas in m2, volumes in ml. */
export interface Plan {
  format: "jacaranda-plan/1";
  walls: PlanWall[];
  paint: PlanPaint[];
  tapeTotals: { width: number; run_m: number; buy_m: number; rolls: number; offcut_m: number }[];
  sundries: PlanSundry[];
  tools: PlanTool[];
  cost: PlanCost;
  rounds: PlanRound[];
  /** By regions, whatever the school. */
  roundsProof: PlanRoundsProof;
  /** Who does what when; null where the air in the room forbids painting, or where there is nothing to paint. */
  work: PlanWork | null;
  /** In the order of their starts; each day's setting up and closing among them. */
  steps: PlanStep[];
  /** The days on which someone works. */
  days: PlanDay[];
  /** Both schools of rounds with what they cost; the job's own first. */
  schools: PlanSchool[];
  /** The sheets that are printed with; absent where the job has none. */
  stencils?: PlanStencil[];
  /** Paints that are made of others; absent where there are none. */
  mixes?: PlanMix[];
  /** What finishes bring to be read off; absent where they bring none. */
  tables?: PlanTable[];
  /** The pattern in the colours of each set, the document's own first; absent where the job has none. */
  sets?: PlanSet[];
  /** What is tried before it is decided; absent where nothing is. */
  boards?: PlanBoard[];
  findings: PlanFinding[];
  /** Of a plan from now on: the moment by the clock on the spot, and what each person does next. */
  now?: string;
  next?: PlanNext[];
  /** Of paints that were weighed. */
  forecast?: PlanForecast[];
  drift?: PlanDrift[];
  decisions?: PlanDecision[];
  batches?: PlanBatch[];
  rates?: PlanRate[];
  /** What is due when, the next first. */
  clocks?: PlanClock[];
  /** What is looked at before what comes next. */
  gates?: PlanGate[];
}

export interface PlanWall {
  id: string;
  surface_m2: number;
  /** From end to end and floor to ceiling, before trim and openings. */
  outline: PlanPoint[];
  /** How far out the wall is and what that does to level lines; null where a stop keeps it from being built. */
  survey: PlanSurvey | null;
  /** What the wall's condition asks for before the first coat. */
  preparation: { kind: ConditionKind; at: PlanPoint | null; note?: string; step: string; caution?: string }[];
  regions: PlanRegion[];
  /** The set-out lines in full, within the wall's trim, openings ignored. */
  lines: PlanLine[];
  /** Where to strike the level line, read up from the floor at the left; null when nothing is marked along it. */
  level: { at: number; reading: string } | null;
  marks: PlanMark[];
  checks: PlanMark[];
  /** Strings from each pin, the longest first; `shorter` than the one before by so much, where there is one. */
  radii: { centre: PlanPoint; radius: number; reading: string; shorter?: string }[];
  /** What goes up over the finished work, and where it is fixed; absent where nothing does. */
  later?: PlanLater[];
  /** Lengths between corners that prove what is set out to be square. */
  diagonals: { use: string; from: PlanPoint; to: PlanPoint; length: number; reading: string }[];
  /** Curves whose pin finds no hold or is out of reach: for each place along, a height. */
  ordinates: PlanOrdinates[];
  tape: PlanTape[];
  /** Metres of edge between two colours that are cut in by hand. */
  byHand_m: number;
  /** Metres of external corner up to which the paint is floated on; absent where there are none. */
  floated_m?: number;
  /** Between which two walls of a room patterns that go around have their join; absent on an open run. */
  closes?: string[];
  fit: PlanFit | null;
  /** Ranked ways to lay out the finishes that are not divided as `fit` tells. */
  offers: PlanOffer[];
  /** When its tape comes off, and why then. */
  peel: { when: "wet" | "dry"; why: string };
  /** What is printed on it, by finish; absent where nothing is. */
  prints?: PlanPrints[];
  /** Faux bricks, by finish; absent where there are none. */
  bricks?: PlanBricks[];
  /** Sheets of paper, by finish; absent where there are none. */
  sheets?: PlanSheets[];
  /** What is printed along a way, by finish; absent where nothing is. */
  border?: PlanBorder[];
  /** What its prints are of, each once; absent where nothing is printed. */
  motifs?: PlanMotif[];
  /** How the paint of its regions is broken up; absent where none is. */
  effects?: PlanEffect[];
  /** Coats of broken colour; absent where there are none. */
  coats?: PlanCoat[];
  findings: PlanFinding[];
}

export interface PlanOffer {
  finish: string;
  title: string;
  verdict: "good" | "fair" | "poor";
  score: number;
  why: string[];
  /** Lines to tape, where that is known beforehand. */
  tape_m?: number;
  taping?: PlanTaping;
  isChosen: boolean;
  change: PlanChange;
}

/** How few rounds there can be: `least` is proved, and equals the count unless the search was given up. */
export interface PlanRoundsProof {
  count: number;
  least: number;
}

export interface PlanRegion {
  id: string;
  colour: string;
  area_m2: number;
  outline: PlanPoint[];
  holes: PlanPoint[][];
  /** What it is called at the wall, and a good place to write that. */
  name: string;
  /** What it is one of ("stripe"), and its number among those; of a cell its column and its row. */
  noun: string;
  numbers: number[];
  /** The finish that it is of; null for what is left in base. */
  finish: string | null;
  label: PlanPoint;
}

export interface PlanSurvey {
  levelLine: {
    /** From the wall's datum, and above the floor at the left end. */
    at: number;
    aboveFloor: number;
    aboveFloorReading: string;
    crosses: string[];
    better: { at: number; reading: string } | null;
    /** How far apart to tick it for each tool. */
    ticks: { tool: string; every: number; reading: string }[];
    /** Read again after the laser has moved: the same reading proves that the line has not. */
    proof: { x: number; down: number; reading: string };
    /** The pattern's level lines by packing it: how high (below it: negative), and the floor at the far end then. */
    lifts: {
      use: string;
      by: number;
      reading: string;
      proof: { x: number; down: number; reading: string };
    }[];
  };
  /** The line that the datums are judged for, and what it would show by each. */
  judgedAt: number;
  datums: PlanDatum[];
  /** The wedges of the pattern's own lines beside the sides nearest to them. */
  tapers: {
    line: string;
    use: string;
    against: "floor" | "ceiling" | "left" | "right";
    first: number;
    last: number;
    verdict: Visibility;
  }[];
}

export interface PlanDatum {
  choice: DatumChoice;
  against: "floor" | "ceiling";
  left: number;
  right: number;
  taper: number;
  rise: number;
  verdict: Visibility;
  recommended: boolean;
  why: string;
}

export interface PlanTape {
  id: string;
  path: PlanPoint[];
  length: number;
  lies: TapeSide;
  over: string | null;
  /** The set-out line that it lies along. */
  line?: string;
  /** The region that it lies on. */
  overRegion?: string;
  cuts?: string;
  against?: MaskAgainst;
  /** The colour at its other edge, where one tape parts two colours. */
  andCuts?: string;
  /** Its body lies on both sides of the path, which is the middle of a visible line. */
  centred?: true;
  /** The wall around the corner whose colour it cuts. */
  corner?: string;
  /** How much further out it is laid than the tape before it at the same line, mm. */
  again?: number;
  round: number;
  /** The steps in which it is laid and comes off; absent where no work is planned. */
  laidIn?: string;
  offIn?: string;
  seal: string | null;
  /** colour: the one in `seal`; clear, white: a film of sealer; press: the edge pressed down only. */
  sealWith: Seal;
  width: number;
  /** Along a curve: narrow flexible tape lies under it. */
  flexible?: true;
}

export interface PlanFinding {
  code: string;
  severity: Severity;
  /** The wall as it stands, what is laid on it, what is bought, or the days of work. */
  about: About;
  say: string;
  remedy: string;
  at: PlanPoint | null;
  change?: PlanChange;
}

export interface PlanRound {
  round: number;
  coat?: number;
  regions: string[];
  waitsFor: { round: number; what: "tape-over"; minutes: number }[];
}
