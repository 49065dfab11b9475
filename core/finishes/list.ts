import { arches } from "./arches/definition";
import { bands } from "./bands/definition";
import { blocks } from "./blocks/definition";
import { brick } from "./brick/definition";
import { chevron } from "./chevron/definition";
import { diamonds } from "./diamonds/definition";
import { limewash } from "./limewash/definition";
import { paper } from "./paper/definition";
import { pearl } from "./pearl/definition";
import { stencilBorder } from "./stencil-border/definition";
import { stencilField } from "./stencil-field/definition";
import { stripes } from "./stripes/definition";
import { tapeLines } from "./tape-lines/definition";
import { trowelled } from "./trowelled/definition";
import { whitewash } from "./whitewash/definition";

/** The only list of finishes. */
export const list = [
  stripes,
  bands,
  blocks,
  tapeLines,
  chevron,
  diamonds,
  arches,
  stencilField,
  stencilBorder,
  brick,
  paper,
  limewash,
  trowelled,
  pearl,
  whitewash,
] as const;
