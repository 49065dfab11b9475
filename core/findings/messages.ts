import type { CureKind, Finding, FindingCode, FindingValues } from "./finding";
import type { Speech } from "./speech";

interface Message {
  readonly say: string;
  readonly remedy: string;
}

/** Every sentence that a finding speaks, in a painter's words. */
export const findingMessages: {
  [Code in FindingCode]: (values: FindingValues[Code], speech: Speech) => Message;
} = {
  "end-under-half": ({ end, whole, side }, { length }) => ({
    say: `The ${side} end is only ${length(end)} of a ${length(whole)} stripe. Under half, an end looks like a mistake.`,
    remedy: "Centre the other way, or divide into whole stripes.",
  }),
  "near-miss": ({ gap, thing }, { length }) => ({
    say: `A line passes ${length(gap)} from ${thing} without touching it. A near miss reads as a mistake.`,
    remedy: "Clear it well, or let the line meet it.",
  }),
  sliver: ({ width, thing }, { length }) => ({
    say: `A strip only ${length(width)} wide is left beside ${thing}.`,
    remedy: "Let the line meet the edge, or move it away.",
  }),
  "remainder-shows": ({ difference, tolerance, distance }, { length }) => ({
    say: `A division differs by ${length(difference)}; from ${length(distance)} away anything over ${length(tolerance)} may show.`,
    remedy: "Divide into whole stripes, or make it a clear part on purpose.",
  }),
  "ends-impossible": ({ wanted }) => ({
    say:
      wanted === "same"
        ? "No count of these stripes ends in the colour that it starts with."
        : "These stripes cannot end in two different colours.",
    remedy: "The nearest count is used whatever its ends. Change the colours, or leave the ends free.",
  }),
  "anchor-outside": ({ at }, { length }) => ({
    say: `The anchor at ${length(at)} is off the painted wall, so no line stands on it.`,
    remedy: "Put the anchor on the wall.",
  }),
  "too-many-divisions": ({ count }) => ({
    say: `That makes ${count} stripes. The limit is 2000 on one wall.`,
    remedy: "Make the stripes wider.",
  }),
  "too-narrow": ({ width }, { error }) => ({
    say: `That makes stripes under ${error(width)} wide, which no tape can set out.`,
    remedy: "Make the stripes wider, or fewer.",
  }),
  "opening-outside": ({ thing }) => ({
    say: `${capital(thing)} reaches outside the wall.`,
    remedy: "Check its place and size against the wall.",
  }),
  "openings-overlap": ({ first, second }) => ({
    say: `${capital(first)} and ${second} overlap. They are taken as one opening.`,
    remedy: "Check their places and sizes.",
  }),
  "fixture-outside": ({ thing }) => ({
    say: `${capital(thing)} is not on the wall as it was measured.`,
    remedy: "Check its place and size against the wall.",
  }),
  "trim-too-tall": ({ trim, height }, { length }) => ({
    say: `Skirting and cornice take ${length(trim)} of a wall ${length(height)} high. Nothing is left to paint.`,
    remedy: "Check the skirting, the cornice and the height.",
  }),
  "nothing-to-paint": () => ({
    say: "The openings take the whole wall. Nothing is left to paint.",
    remedy: "Check the sizes of the openings.",
  }),
  "no-packs": ({ paint, needMl }, speech) => ({
    say: `${speech.paint(paint)} needs ${speech.volume(needMl)}, but no tin sizes are listed for it.`,
    remedy: "List the tins that can be bought, with their prices.",
  }),
};

/** What the button that applies a cure says. */
export const cureLabels: Record<CureKind, (count: number) => string> = {
  "centre-other": () => "Centre the other way",
  "whole-count": (count) => `Use ${count} whole stripes`,
  "clear-it": () => "Shift the lines clear",
  "hit-it": () => "Put a line on its edge",
  "free-ends": () => "Leave the ends free",
  "anchor-on-wall": () => "Put it in the middle of the wall",
  "other-division": (count) => `Divide into ${count} instead`,
};

/** What a finding says and what to do about it. */
export function describeFinding(finding: Finding, speech: Speech): Message {
  const speak = findingMessages[finding.code] as (values: object, speech: Speech) => Message;
  return speak(finding.values, speech);
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
