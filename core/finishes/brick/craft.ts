import { checkBrick } from "./check";
import { designBrick } from "./design";
import { offerCourses } from "./offers";
import { tubeMl } from "./smear";
import { brickFindings, brickWords } from "./words";
import { workBrick } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const brickCraft = defineCraft({
  design: designBrick,
  check: checkBrick,
  offers: offerCourses,
  work: workBrick,
  words: brickWords,
  findings: brickFindings,
  sundries: {
    "sponge-block": { name: "Block of sponge", serves: 1, why: "why-sponge" },
    "smear-filler": { name: "Filler, fine, tube", serves: tubeMl, why: "why-smear-filler" },
    "brick-tape": {
      name: { metric: "Tape to slit, 48 mm", imperial: 'Tape to slit, 1 7/8"' },
      serves: 1,
      why: "why-brick-tape",
    },
  },
});
