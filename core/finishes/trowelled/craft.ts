import { checkTrowelled } from "./check";
import { designTrowelled } from "./design";
import { trowelledFindings, trowelledWords } from "./words";
import { workTrowelled } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const trowelledCraft = defineCraft({
  design: designTrowelled,
  check: checkTrowelled,
  work: workTrowelled,
  words: trowelledWords,
  findings: trowelledFindings,
});
