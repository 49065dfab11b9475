import { listed } from "./listed";
import type { Visibility } from "../trade/visibleDifference";
import { setReasonMessages, type SetReasonValues } from "./setReasons";
import type { Speech } from "./speech";

/** Why a way to divide, or a set of colours, is offered where it is: data, spoken by `reasonMessages`. */
export interface ReasonValues extends SetReasonValues {
  "ends-alike": { paint: string };
  "ends-differ": { first: string; last: string };
  "part-ends": { first: number; last: number };
  "ends-under-half": { end: number };
  "width-off": { difference: number; wider: boolean };
  "stepping-costs": { stepped: number; worst: number };
  "reads-easily": { module: number };
  "just-misses": { thing: string; gap: number };
  "leaves-sliver": { thing: string; gap: number };
  meets: { thing: string };
  clears: { thing: string };
  "clears-all": Record<never, never>;
  "field-ends": { first: number; last: number };
  "field-cuts": { cut: number; prints: number };
  "field-minutes": { minutes: number };
  "field-whole": { columns: number };
  "order-minutes": { minutes: number; waiting: number };
  "brush-changes": { changes: number };
  "paper-ends": { first: number; last: number };
  "paper-drops": { drops: number; rolls: number; more: number };
  "seams-on-things": { things: readonly string[] };
  "bed-beside-joint": { bed: number; joint: number; verdict: Visibility };
  "lowest-cut": { height: number; isSliver: boolean };
  "courses-whole": { count: number };
  "ends-at-least": { end: number };
  "arch-room": { margin: number; middle: number };
  "gap-as-tape": { gap: number };
  "remainder-seen": { difference: number };
  "centred-on": { thing: string };
  "datum-level": { against: "floor" | "ceiling"; verdict: Visibility };
  "datum-split": { against: "floor" | "ceiling"; rise: number; verdict: Visibility };
  "datum-follow": { surface: "floor" | "ceiling"; rise: number };
  "peel-crisp": Record<never, never>;
  "peel-relief": Record<never, never>;
  "peel-asked": { when: "wet" | "dry" };
}

export type Reason = {
  [Code in keyof ReasonValues]: { readonly code: Code; readonly values: ReasonValues[Code] };
}[keyof ReasonValues];

export const reasonMessages: {
  [Code in keyof ReasonValues]: (values: ReasonValues[Code], speech: Speech) => string;
} = {
  ...setReasonMessages,
  "ends-alike": ({ paint }, speech) => `Both ends ${speech.paint(paint)}.`,
  "ends-differ": ({ first, last }, speech) =>
    `Starts in ${speech.paint(first)}, ends in ${speech.paint(last)}.`,
  "part-ends": ({ first, last }, { length }) =>
    Math.abs(first - last) < 0.05
      ? `A part of ${length(first)} at each end.`
      : `Parts of ${length(first)} at the start and ${length(last)} at the end.`,
  "ends-under-half": ({ end }, { length }) =>
    `An end of ${length(end)} is under half and looks like a mistake.`,
  "width-off": ({ difference, wider }, { length }) =>
    `${length(difference)} ${wider ? "wider" : "narrower"} than asked.`,
  "stepping-costs": ({ stepped, worst }, { error }) =>
    `Stepped with a rounded spacer you would be ${error(stepped)} out at the far end; marked from one end, never over ${error(worst)}.`,
  "reads-easily": ({ module }, { length }) => `${length(module)} is easy to find on the tape.`,
  "just-misses": ({ thing, gap }, { length }) => `A line just misses ${thing} by ${length(gap)}.`,
  "leaves-sliver": ({ thing, gap }, { length }) => `Leaves a ${length(gap)} strip beside ${thing}.`,
  meets: ({ thing }) => `A line meets ${thing}.`,
  "clears-all": () => "Both edges clear everything on the wall.",
  clears: ({ thing }) => `Clears ${thing}.`,
  "field-ends": ({ first, last }, { length }) =>
    Math.abs(first - last) < 0.5
      ? `A column of ${length(first)} at both ends.`
      : `A column of ${length(first)} at the left end and one of ${length(last)} at the right.`,
  "field-cuts": ({ cut, prints }) =>
    cut === 0 ? "No print is cut." : `${cut} of ${prints} prints are cut, and take twice as long.`,
  "field-minutes": ({ minutes }, { duration }) =>
    `${duration(Math.round(minutes))} of printing, cleaning and waiting not counted.`,
  "field-whole": ({ columns }) =>
    columns === 1
      ? "One column runs uncut from bottom to top."
      : `${columns} columns run uncut from bottom to top.`,
  "order-minutes": ({ minutes, waiting }, { duration }) =>
    `${duration(Math.round(minutes))} of printing, cleaning aside${waiting < 0.5 ? "" : `, ${duration(Math.round(waiting))} of it waiting until a print may be covered`}.`,
  "brush-changes": ({ changes }) => `The brush is changed ${changes === 1 ? "once" : `${changes} times`}.`,
  "paper-ends": ({ first, last }, { length }) =>
    Math.abs(first - last) < 0.5
      ? `Sheets of ${length(first)} at both ends.`
      : `A sheet of ${length(first)} at the left end and one of ${length(last)} at the right.`,
  "paper-drops": ({ drops, rolls, more }) =>
    `${drops} drops from ${rolls} ${rolls === 1 ? "roll" : "rolls"}${more > 0 ? `, ${more} more than need be` : ""}.`,
  "seams-on-things": ({ things }) => `A seam runs over ${listed(things)}.`,
  "bed-beside-joint": ({ bed, joint, verdict }, { length }) =>
    Math.abs(bed - joint) < 0.05
      ? `Beds as wide as the perpends, ${length(joint)}.`
      : `Beds of ${length(bed)} beside perpends of ${length(joint)}, which ${verdict}.`,
  "lowest-cut": ({ height, isSliver }, { length }) =>
    `The lowest course is cut to ${length(height)}${isSliver ? ", a sliver that looks like a mistake" : ""}.`,
  "courses-whole": ({ count }) => `All ${count} courses are whole: no stamp is cut for the foot.`,
  "ends-at-least": ({ end }, { length }) => `No end is narrower than ${length(end)}.`,
  "arch-room": ({ margin, middle }, { length }) =>
    `As wide a margin as a band, ${length(margin)}, to what is nearest; a middle of ${length(middle)} stays open.`,
  "gap-as-tape": ({ gap }, { length }) => `Gaps as wide as a tape, ${length(gap)}: nothing is slit.`,
  "remainder-seen": ({ difference }, { length }) =>
    `Neighbours differ by ${length(difference)}, which may show.`,
  "centred-on": ({ thing }) => `Centred on ${thing}.`,
  "datum-level": ({ against, verdict }) =>
    verdict === "won't show"
      ? `The wedge at the ${against} won't show, and everything stays level.`
      : `Level, but the wedge at the ${against} ${verdict}.`,
  "datum-split": ({ against, rise, verdict }, { length }) =>
    `Half the wedge at the ${against}, which ${verdict}; ${length(Math.abs(rise))} out of level over the wall.`,
  "datum-follow": ({ surface, rise }, { length }) =>
    Math.abs(rise) < 0.5
      ? `Parallel to the ${surface}, which is as good as level.`
      : `No wedge at the ${surface}; ${length(Math.abs(rise))} out of level over the wall.`,
  "peel-crisp": () =>
    "Tape comes off while the last coat still tacks, slowly, back on itself at about 45 degrees: the edge stays crisp.",
  "peel-relief": () =>
    "Tape comes off dry: over relief it bridges, and a wet film would tear. Score the film where it does.",
  "peel-asked": ({ when }) =>
    when === "wet"
      ? "Tape comes off while the last coat still tacks, as chosen."
      : "Tape comes off when the last coat is dry, as chosen. Score the film where it bridges.",
};

/** The sentence of a reason. */
export function describeReason(reason: Reason, speech: Speech): string {
  const speak = reasonMessages[reason.code] as (values: Reason["values"], speech: Speech) => string;
  return speak(reason.values, speech);
}
