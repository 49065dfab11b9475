import { checkBlocks } from "./check";
import { designBlocks } from "./design";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const blocksCraft = defineCraft({
  design: designBlocks,
  check: checkBlocks,
});
