import type { z } from "zod";
import { stripes } from "./stripes/definition";

/** The only list of finishes. */
export const allFinishes = [stripes] as const;

export type AnyFinish = (typeof allFinishes)[number];
export type FinishKind = AnyFinish["kind"];

export const finishKinds: readonly FinishKind[] = allFinishes.map((finish) => finish.kind);

/** The definition of a kind that the document's check has let through. */
export function finishOf(kind: FinishKind): AnyFinish {
  return allFinishes.find((finish) => finish.kind === kind)!;
}

/** The schemas of all kinds, as a tuple, for a discriminated union. */
export const finishSpecs = specsOf(allFinishes);

function specsOf<const List extends readonly { spec: z.ZodObject }[]>(
  list: List,
): { [Index in keyof List]: List[Index]["spec"] } {
  return list.map((finish) => finish.spec) as { [Index in keyof List]: List[Index]["spec"] };
}
