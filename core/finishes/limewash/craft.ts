import { checkLimewash } from "./check";
import { designLimewash } from "./design";
import { limewashFindings, limewashWords } from "./words";
import { workLimewash } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const limewashCraft = defineCraft({
  design: designLimewash,
  check: checkLimewash,
  work: workLimewash,
  words: limewashWords,
  findings: limewashFindings,
});
