import { checkWhitewash } from "./check";
import { designWhitewash } from "./design";
import { whitewashFindings, whitewashWords } from "./words";
import { workWhitewash } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const whitewashCraft = defineCraft({
  design: designWhitewash,
  check: checkWhitewash,
  work: workWhitewash,
  words: whitewashWords,
  findings: whitewashFindings,
});
