import { checkPearl } from "./check";
import { designPearl } from "./design";
import { pearlFindings, pearlWords } from "./words";
import { workPearl } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const pearlCraft = defineCraft({
  design: designPearl,
  check: checkPearl,
  work: workPearl,
  words: pearlWords,
  findings: pearlFindings,
  sundries: {
    "pearl-sleeve": {
      name: { metric: "Short-nap sleeve, 230 mm", imperial: 'Short-nap sleeve, 9"' },
      serves: 1,
      why: "why-pearl-sleeve",
    },
  },
});
