import type { Said, Values } from "../findings/speech";

/** What a step is for; what is common to all finishes asks this, never what it is called. */
export type Phase =
  "protect" | "prepare" | "ground" | "set-out" | "mask" | "colour" | "unmask" | "clean" | "finish";

export type WaitKind = "after" | "drying" | "recoat" | "tape-over" | "touch-dry" | "next-day";

/** What has to be over before a step may start, and for how long. */
export interface Wait {
  readonly step: string;
  readonly what: WaitKind;
  /** At 20 C and 50 % RH; 0 where it is only one after the other. */
  readonly minutes: number;
}

/** A step that has to begin no later than so many minutes after another has ended: a wet edge, paint that still tacks. */
export interface Latest {
  readonly step: string;
  readonly minutes: number;
}

/** What can be cut in, filled and, with the last coat, peeled while its edge is wet. */
export interface Stretch {
  /** Ids of regions; one that is painted in several stretches stands in each of them. */
  readonly regions: readonly string[];
  readonly minutes: number;
  /** What is said of how far one is when it is the last one done, for a sentence that tells of that. */
  readonly until?: Values;
}

/** One thing that one person, or several together, do without a break. */
export interface Step {
  readonly id: string;
  readonly phase: Phase;
  /** What is done, in a word: "tape", "peel". */
  readonly verb: string;
  /** Whole minutes of each one's hands. */
  readonly minutes: number;
  readonly after: readonly Wait[];
  readonly within?: readonly Latest[];
  /** How many people it takes at once; one where it does not say. */
  readonly hands?: number;
  /** May not be broken off and gone on with on another day. */
  readonly unbroken?: true;
  /** It shows every dab: nothing of it is touched up. */
  readonly leftAlone?: true;
  /** Someone looks and decides whether what comes after may begin. */
  readonly gate?: "look" | "client";
  readonly wall?: string;
  readonly round?: number;
  readonly coat?: number;
  readonly colour?: string;
  /** m2 that are coated with a brush or roller in one go. */
  readonly coatsM2?: number;
  /** What a colour's tools are washed after, once for all its steps: a round, a whole coat, a finish's own work. */
  readonly session?: string;
  readonly stretches?: readonly Stretch[];
  /** Colours that a brush of their own is wetted with, where none is painted. */
  readonly brushedWith?: readonly string[];
  /** Ids of the placements that are printed. */
  readonly prints?: readonly string[];
  readonly say: Said;
  readonly cautions: readonly Said[];
  /** What is to be ready on the evening before. */
  readonly evening: readonly Said[];
  /** Which part of so many, where it is longer than a day. */
  readonly part?: { readonly number: number; readonly of: number };
}

/** The paints that a step puts on, or wets a brush with. */
export const paintsIn = ({
  colour,
  brushedWith = [],
}: Pick<Step, "colour" | "brushedWith">): readonly string[] =>
  colour === undefined ? brushedWith : [colour, ...brushedWith];

/** A step as a technique or finish thinks of it; waits for steps that there are none of are none. */
export interface StepDraft extends Omit<Step, "minutes" | "after" | "part"> {
  /** Of each one's hands; rounded up to whole ones. */
  readonly minutes: number;
  readonly after: readonly (Wait | null)[];
  /** It has two ends: where there are two people they do it together, in half the time. */
  readonly sharedByTwo?: true;
}

/** A wait for a step; none for a step that there is not. */
export const waitFor = (step: string | null, what: WaitKind = "after", minutes = 0): Wait | null =>
  step === null ? null : { step, what, minutes };
