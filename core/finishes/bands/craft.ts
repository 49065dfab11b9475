import { checkBands } from "./check";
import { designBands } from "./design";
import { followSide } from "./follow";
import { offerHeights } from "./offers";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const bandsCraft = defineCraft({
  design: designBands,
  check: checkBands,
  offers: offerHeights,
  follow: followSide,
});
