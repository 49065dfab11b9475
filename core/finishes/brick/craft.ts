import { checkBrick } from "./check";
import { designBrick } from "./design";
import { offerCourses } from "./offers";
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
});
