import type { FindingValues } from "./finding";
import type { Message } from "./message";
import type { Speech } from "./speech";
import { capital } from "./capital";

type Codes = "part-print" | "rake-sliver" | "tip-sliver" | "off-centre" | "no-rake";

/** What findings say of how a pattern meets the wall's edges and what stands before it. */
export const cutMessages: { [Code in Codes]: (values: FindingValues[Code], speech: Speech) => Message } = {
  "part-print": ({ wall, scraps, shift, cutOut }, speech) => ({
    say: `${capital(speech.wall(wall))}: ${[
      ...(scraps > 0
        ? [`of ${scraps} ${scraps === 1 ? "print" : "prints"} less than a fifth is on the wall`]
        : []),
      ...(cutOut > 0
        ? [
            `an opening cuts ${cutOut} ${cutOut === 1 ? "print" : "prints"} out of the border, which reads as a mistake`,
          ]
        : []),
    ].join("; ")}.`,
    remedy: [
      ...(scraps > 0
        ? [
            `Leave them out, or shift the start by ${speech.length(shift)} outwards, so that they are off the wall.`,
          ]
        : []),
      ...(cutOut > 0
        ? ["Set the border over or under the opening, or begin it so that a joint stands at the casing."]
        : []),
    ].join(" "),
  }),
  "rake-sliver": ({ pieces, areaMm2, height, isRake }, { length }) => ({
    say: `${pieces === 1 ? "A piece is" : `${pieces} pieces are`} cut to less than a hand's size ${isRake ? "at the raking edge" : "at the skirting"}, the least ${(areaMm2 / 100).toFixed(1)} cm2: slow to tape, and they look like slips.`,
    remedy: isRake
      ? "Fit the rows to the rake, so that halves or wholes meet it, or leave the pieces in the colour beside them."
      : `Shift the pattern by ${length(height)}, up or down, or leave the pieces in the colour beside them.`,
  }),
  "tip-sliver": ({ pieces, areaMm2, floor, ceiling }, { length }) => ({
    say: `Tips leave ${pieces === 1 ? "a small triangle" : `${pieces} small triangles`} at ${floor > 0 && ceiling > 0 ? "floor and ceiling" : floor > 0 ? "the floor" : "the ceiling"}, the least of ${Math.round(areaMm2)} square millimetres, with tape shorter than a finger.`,
    remedy:
      floor > 0 && ceiling > 0
        ? `Shift the rows up by ${length(ceiling)} and make the rise ${length(floor + ceiling)} less: then no tip reaches in. Or leave the triangles in the colour beside them.`
        : `Shift the rows ${floor > 0 ? "down" : "up"} by ${length(Math.max(floor, ceiling))}: then no tip reaches in. Or leave the triangles in the colour beside them.`,
  }),
  "off-centre": ({ thing, by }, { length }) => ({
    say: `The pattern is centred on the wall, and the middle of ${thing} stands ${length(Math.abs(by))} to its ${by > 0 ? "right" : "left"}: people see the two together.`,
    remedy: `Centre the pattern on ${thing}, or move that.`,
  }),
  "no-rake": () => ({
    say: "The rows are to meet a raking edge, and this wall has none: they are whole from floor to ceiling.",
    remedy: "Measure the rake, or let rows go from floor to ceiling.",
  }),
};
