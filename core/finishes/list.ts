import { arches } from "./arches/definition";
import { bands } from "./bands/definition";
import { blocks } from "./blocks/definition";
import { brick } from "./brick/definition";
import { chevron } from "./chevron/definition";
import { diamonds } from "./diamonds/definition";
import { paper } from "./paper/definition";
import { stencilBorder } from "./stencil-border/definition";
import { stencilField } from "./stencil-field/definition";
import { stripes } from "./stripes/definition";
import { tapeLines } from "./tape-lines/definition";

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
] as const;
