import { checkStripes } from "./check";
import { designStripes } from "./design";
import { fitStripes } from "./fit";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const stripesCraft = defineCraft({
  design: designStripes,
  check: checkStripes,
  fit: fitStripes,
});
