import { checkArches } from "./check";
import { designArches } from "./design";
import { offerArches } from "./offers";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const archesCraft = defineCraft({
  design: designArches,
  check: checkArches,
  offers: offerArches,
});
