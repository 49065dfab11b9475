import { archesCraft } from "./arches/craft";
import { bandsCraft } from "./bands/craft";
import { blocksCraft } from "./blocks/craft";
import { brickCraft } from "./brick/craft";
import { chevronCraft } from "./chevron/craft";
import { diamondsCraft } from "./diamonds/craft";
import { limewashCraft } from "./limewash/craft";
import { paperCraft } from "./paper/craft";
import { pearlCraft } from "./pearl/craft";
import { stencilBorderCraft } from "./stencil-border/craft";
import { stencilFieldCraft } from "./stencil-field/craft";
import { stripesCraft } from "./stripes/craft";
import { tapeLinesCraft } from "./tape-lines/craft";
import { trowelledCraft } from "./trowelled/craft";
import { whitewashCraft } from "./whitewash/craft";
import type { FinishKind } from "./registry";

/** The craft of every finish of the list; the compiler asks for one that is missing. */
export const craftList = {
  stripes: stripesCraft,
  bands: bandsCraft,
  blocks: blocksCraft,
  "tape-lines": tapeLinesCraft,
  chevron: chevronCraft,
  diamonds: diamondsCraft,
  arches: archesCraft,
  "stencil-field": stencilFieldCraft,
  "stencil-border": stencilBorderCraft,
  brick: brickCraft,
  paper: paperCraft,
  limewash: limewashCraft,
  trowelled: trowelledCraft,
  pearl: pearlCraft,
  whitewash: whitewashCraft,
} satisfies Record<FinishKind, object>;
