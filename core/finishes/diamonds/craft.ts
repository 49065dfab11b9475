import { checkDiamonds } from "./check";
import { designDiamonds } from "./design";
import { offerDiamonds } from "./offers";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const diamondsCraft = defineCraft({
  design: designDiamonds,
  check: checkDiamonds,
  offers: offerDiamonds,
});
