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
});
