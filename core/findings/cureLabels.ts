import type { CureKind } from "./finding";
import type { Speech } from "./speech";

/** What the button that applies a cure says. */
export const cureLabels: Record<CureKind, (count: number, speech: Speech) => string> = {
  "centre-other": () => "Centre the other way",
  "whole-count": (count) => `Use ${count} whole stripes`,
  "clear-it": () => "Shift the lines clear",
  "hit-it": () => "Put a line on its edge",
  "free-ends": () => "Leave the ends free",
  "anchor-on-wall": () => "Put it in the middle of the wall",
  "take-out": () => "Take it out",
  "draw-on": () => "Draw it on to the next line",
  "fit-arch": (count, { length }) => `Shorten it to ${length(count)}`,
  "lower-arch": (count, { length }) => `Lower the centre by ${length(count)}`,
  "pin-on-wall": () => "Move the centre into reach",
  "onto-wall": () => "Put it on the wall",
  "meet-it": () => "Let the line meet it",
  follow: () => "Follow that side instead",
  "open-angle": () => "Open the corners to 15 degrees",
  "narrower-line": (count, { length }) => `Use ${length(count)} tape`,
  "sold-width": (count, { length }) => `Make the line ${length(count)}`,
  "other-seed": () => "Shuffle until none are alike",
  "add-base": () => "Shuffle with the base as well",
  "close-gap": () => "Narrow it until they meet",
  untangle: () => "Put the corners in turn",
  "line-up": () => "Line it up",
  "more-coats": (count) => `Plan ${count} coats`,
  "tape-straight": () => "Tape straight edges",
  "float-corner": () => "Float the corner",
  "peel-dry": () => "Peel dry, and score",
  "take-reading": (count, { length }) => `Take ${length(count)} instead`,
  "other-division": (count) => `Divide into ${count} instead`,
};
