import type { z } from "zod";
import { arches } from "./arches/definition";
import { bands } from "./bands/definition";
import { blocks } from "./blocks/definition";
import { chevron } from "./chevron/definition";
import type { FinishDefinition } from "./defineFinish";
import { diamonds } from "./diamonds/definition";
import { stripes } from "./stripes/definition";
import { tapeLines } from "./tape-lines/definition";

/** The only list of finishes. */
const list = [stripes, bands, blocks, tapeLines, chevron, diamonds, arches] as const;

export type FinishKind = (typeof list)[number]["kind"];
export type AnySpec = z.infer<(typeof list)[number]["spec"]>;
export type AnyFinish = FinishDefinition<FinishKind, z.ZodObject, AnySpec>;

export const allFinishes: readonly AnyFinish[] = list;

export const finishKinds: readonly FinishKind[] = list.map((finish) => finish.kind);

/** The definition of a kind that the document's check has let through. */
export function finishOf(kind: FinishKind): AnyFinish {
  return allFinishes.find((finish) => finish.kind === kind)!;
}

/** The schemas of all kinds, as a tuple, for a discriminated union. */
export const finishSpecs = specsOf(list);

function specsOf<const List extends readonly { spec: z.ZodObject }[]>(
  list: List,
): { [Index in keyof List]: List[Index]["spec"] } {
  return list.map((finish) => finish.spec) as { [Index in keyof List]: List[Index]["spec"] };
}
