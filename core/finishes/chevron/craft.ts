import { checkChevron } from "./check";
import { designChevron } from "./design";
import { offerChevrons } from "./offers";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const chevronCraft = defineCraft({
  design: designChevron,
  check: checkChevron,
  offers: offerChevrons,
});
