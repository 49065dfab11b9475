import { checkPaper } from "./check";
import { designPaper } from "./design";
import { offerPaper } from "./offers";
import { paperFindings, paperWords } from "./words";
import { workPaper } from "./work";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const paperCraft = defineCraft({
  design: designPaper,
  check: checkPaper,
  offers: offerPaper,
  work: workPaper,
  words: paperWords,
  findings: paperFindings,
});
