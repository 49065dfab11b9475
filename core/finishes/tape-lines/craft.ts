import { checkTapeLines } from "./check";
import { designTapeLines } from "./design";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const tapeLinesCraft = defineCraft({
  design: designTapeLines,
  check: checkTapeLines,
});
