import type { WorkItem } from "../journal/limits";
import type { Visibility } from "../trade/visibleDifference";
import type { Weekday } from "../measure/calendar";
import type { School } from "../rounds/listPasses";
import type { HeldBy } from "../sequence/scheduledStep";
import type { Act, Worked } from "../work/act";
import type { WaitKind } from "../work/step";

/** Times are whole minutes from midnight before the first day; `day` counts from 1. */
export interface PlanWork {
  crew: number;
  temperature: number;
  humidity: number;
  /** How many times as long as at 20 C and 50 % RH everything waits. */
  factor: number;
  end: number;
  /** Days with work. */
  days: number;
  /** The last of them, counted from the first day on. */
  lastDay: number;
  lastDate: string | null;
  /** Of hands, set up and closing included. */
  minutes: number;
  /** On the way to the end, how long it hangs on something that dries. */
  waiting_min: number;
  /** With as many hands as one likes it could not end before this. */
  soonestEnd: number;
  /** The steps that the end hangs on, the first first. */
  critical: string[];
  /** What walls are reached from that steps do not serve: how often it is moved, and what that takes with putting it up and down. */
  access: { wall: string; item: string; moves: number; minutes: number }[];
  /** When each painted wall may be washed, and when it is as hard as it gets. */
  care: { wall: string; washable: PlanDate; cured: PlanDate }[];
}

export interface PlanDate {
  day: number;
  date: string | null;
}

/** How a step of a job under way stands. */
export type StepState = "done" | "running" | "ready" | "waiting";

/**
 * Something that is due at a moment, by the clock on the spot: what is wet is joined, tape comes off while paint tacks, paint is stirred,
 * a sheet is cleaned; a step is begun before it is too late; or what dries is dry.
 */
export interface PlanClock {
  clock: "wet-edge" | "peel" | "stir" | "clean-sheet" | "begin" | "dry";
  /** The step that is under way, that is to be begun, or that what dries holds up. */
  step: string;
  wall?: string;
  paint?: string;
  since: string;
  due: string;
  say: string;
}

/** What somebody looks at before a step is begun, and what that is about; an answer is an entry of kind "looked". */
export interface PlanGate {
  gate: "tape-check" | "seal-dry" | "ground-shows" | "trial" | "client";
  /** The step that comes then, and the one whose work is looked at. */
  step: string;
  of: string;
  wall?: string;
  work: WorkItem[];
  ask: string;
  /** When somebody said "not yet". */
  notYet?: string;
}

/** What a person does next, and why that. */
export interface PlanNext {
  person: number;
  step: string;
  why: string;
}

/** Whether a pattern runs away from its readings along an axis, mm. */
export interface PlanDrift {
  finish: string;
  axis: "x" | "y";
  checks: number;
  /** At the first step, from each step to the next, and so at the last. */
  offset_mm: number;
  perStep_mm: number;
  atEnd_mm: number;
  shows: Visibility;
  choices: PlanDriftChoice[];
  /** What was chosen, until it is read again after that; taken back, each of the next marks is made where it is by now. */
  settled?: PlanDriftChoice["choice"];
  readings?: { expected: number; now: number }[];
}

export interface PlanDriftChoice {
  choice: "leave" | "spread" | "redo";
  /** Over so many steps, or so many of them. */
  over: number;
  worst_mm: number;
  shows: Visibility;
  minutes: number;
  /** The prints or bricks that are done again. */
  ids?: string[];
}

/** A painter's own pace, by its rate's name: four times in five it is between low and high. */
export interface PlanRate {
  rate: string;
  usual: number;
  yours: number;
  low: number;
  high: number;
  pieces: number;
}

export interface PlanStep {
  id: string;
  /** What is done, in a word; "set-up" and "close" frame each one's day. */
  kind: string;
  wall?: string;
  round?: number;
  coat?: number;
  colour?: string;
  say: string;
  cautions: string[];
  minutes: number;
  /** From 1. */
  person: number;
  /** All who do it, where it takes several; the first of them is `person`. */
  people?: number[];
  /** Not broken off and gone on with later. */
  unbroken?: true;
  /** Someone looks and decides whether what comes after may begin. */
  gate?: "look" | "client";
  day: number;
  from: string;
  to: string;
  start: number;
  end: number;
  /** `minutes` as this air makes them, `until` in minutes from the first midnight. */
  /** How long an edge of its paint stays wet in this air, and what recurs meanwhile: minutes, and prints. */
  open_min?: number;
  stir_min?: number;
  clean_every?: number;
  /** It begins no later than so many minutes after another has ended. */
  within?: { step: string; minutes: number }[];
  waitsFor: { step: string; what: WaitKind; minutes: number; until: number }[];
  heldBy: HeldBy;
  heldFrom?: string;
  isCritical: boolean;
  /** Of a plan from now on: how it stands; since when it is so, or until when it waits, by the clock on the spot. */
  state?: StepState;
  since?: string;
  until?: string;
  /** Under way, and laid down at that moment. */
  laidDown?: string;
  /** What it does to what; each id is a piece of work that lasts, whatever plan it stands in. */
  does: PlanDid[];
  /** What is cut in, filled and peeled while its edge is wet: of each thing in `does` its ids from one up to before another. */
  stretches?: { minutes: number; start: number; ids: [from: number, to: number][] }[];
}

/** Lengths in mm, volumes in ml; ids in the order in which it is done. */
export interface PlanDid {
  act: Act;
  wall?: string;
  of: Worked;
  ids: string[];
  /** The manieth time; 1 where it does not say. */
  pass?: number;
  coat?: number;
  /** Paint or item. */
  with?: string;
  /** How far a colour runs past its boundary, under what comes later. */
  past_mm?: number;
  ml?: number;
  /** Items of the plan's tools and sundries. */
  tools?: string[];
  /** How high over what one stands on hands go. */
  height_mm?: number;
}

export interface PlanDay {
  day: number;
  date: string | null;
  weekday: Weekday;
  from: string;
  to: string;
  steps: string[];
  /** What is to be ready on the evening before. */
  /** Its break; absent where nobody works on both sides of it. */
  pause?: { from: string; to: string };
  evening: string[];
}

export interface PlanSchool {
  school: School;
  rounds: number;
  tape_m: number;
  rolls: number;
  /** Null where the air in the room forbids painting. */
  days: number | null;
  lastDay: number | null;
  minutes: number | null;
  waiting_min: number | null;
}
