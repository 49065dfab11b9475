import type { Said, Values } from "../findings/speech";
import type { Did } from "./act";

/** What a step is for; what is common to all finishes asks this, never what it is called. */
export type Phase =
  "protect" | "prepare" | "ground" | "set-out" | "mask" | "colour" | "unmask" | "clean" | "finish";

export type WaitKind = "after" | "drying" | "recoat" | "tape-over" | "touch-dry" | "next-day" | "looks";

/** What has to be over before a step may start, and for how long. */
export interface Wait {
  readonly step: string;
  readonly what: WaitKind;
  /** At 20 C and 50 % RH, but for looks, which no air shortens; 0 where it is only one after the other. */
  readonly minutes: number;
  /** What the label says, where the painter's school waits otherwise. */
  readonly byLabel?: number;
  /** There need not be such a step: then there is nothing to wait for. */
  readonly ifAny?: true;
}

/** A step that has to begin no later than so many minutes after another has ended: a wet edge, paint that still tacks. */
export interface Latest {
  readonly step: string;
  readonly minutes: number;
}

/** What can be cut in, filled and, with the last coat, peeled while its edge is wet. */
export interface Stretch {
  /**
   * Of each thing that the step does, which of its ids are done in it: from one up to before another. One that is painted in
   * several stretches stands in each of them.
   */
  readonly ids: readonly (readonly [from: number, to: number])[];
  readonly minutes: number;
  /** It goes on in the field that the stretch before it left off in: one wet area, not laid down between them. */
  readonly goesOn?: true;
  /** What is said of how far one is when it is the last one done, for a sentence that tells of that. */
  readonly until?: Values;
}

/** One thing that one person, or several together, do without a break. */
export interface Step {
  readonly id: string;
  readonly phase: Phase;
  /** What is done, in a word: "tape", "peel". */
  readonly verb: string;
  /** What it does to what, in the order in which it is begun. */
  readonly does: readonly Did[];
  /** Whole minutes of each one's hands. */
  readonly minutes: number;
  readonly after: readonly Wait[];
  readonly within?: readonly Latest[];
  /** How many people it takes at once; one where it does not say. */
  readonly hands?: number;
  /** May not be broken off and gone on with on another day. */
  readonly unbroken?: true;
  /** One wet area, which is not laid down for a break. */
  readonly isWet?: true;
  /** It shows every dab: nothing of it is touched up. */
  readonly leftAlone?: true;
  /** What it puts on under its paint can be leaned on only after so many minutes. */
  readonly driesMin?: number;
  /** What recurs while it is done: paint that settles is stirred, a sheet is cleaned after so many prints. */
  readonly stirMin?: number;
  readonly cleanEvery?: number;
  /** Someone looks and decides whether what comes after may begin. */
  readonly gate?: "look" | "client";
  readonly wall?: string;
  readonly round?: number;
  readonly coat?: number;
  readonly colour?: string;
  /** What a colour's tools are washed after, once for all its steps: a round, a whole coat, a finish's own work. */
  readonly session?: string;
  /** It is done anew, when the tools of its colour have been washed. */
  readonly isAnew?: true;
  readonly stretches?: readonly Stretch[];
  readonly say: Said;
  /** What to take care of beside what every such work asks for. */
  readonly cautions: readonly Said[];
  /** What is to be ready on the evening before, likewise. */
  readonly evening: readonly Said[];
  /** Which part of so many, where it is longer than a day. */
  readonly part?: { readonly number: number; readonly of: number };
}

/** A step as a technique or finish thinks of it. */
export interface StepDraft extends Omit<Step, "minutes" | "after" | "part" | "isWet"> {
  /** Of each one's hands; rounded up to whole ones. */
  readonly minutes: number;
  readonly after: readonly (Wait | null)[];
  /** It has two ends: where there are two people they do it together, in half the time. */
  readonly sharedByTwo?: true;
}

/** A wait for a step, which there has to be; none where none is told. */
export const waitFor = (step: string | null, what: WaitKind = "after", minutes = 0): Wait | null =>
  step === null ? null : { step, what, minutes };

/** A wait for a step if there is such a one. */
export const waitIfAny = (step: string, what: WaitKind = "after", minutes = 0): Wait => ({
  step,
  what,
  minutes,
  ifAny: true,
});
