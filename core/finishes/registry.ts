import type * as z from "zod";
import type { SundryKind } from "../work/contribution";
import type { FinishDefinition, Laid, RateKind } from "./defineFinish";
import { gather } from "./gather";
import { list } from "./list";

/** All that is told of every finish is derived here from the one list. */
export type FinishKind = (typeof list)[number]["kind"];
export type AnySpec = z.infer<(typeof list)[number]["spec"]>;
/** What a finish lays out is for its own methods alone; nobody else looks into it. */
export type AnyLayout = Laid<AnySpec>;
export type AnyFinish = FinishDefinition<FinishKind, z.ZodObject, AnyLayout, AnySpec>;

export const allFinishes: readonly AnyFinish[] = list;

export const finishKinds: readonly FinishKind[] = list.map((finish) => finish.kind);

/** The definition of a kind that the document's check has let through. */
export function finishOf(kind: FinishKind): AnyFinish {
  return allFinishes.find((finish) => finish.kind === kind)!;
}

/** What the finishes bring of their own, by its name; two of one name are refused. */
export const finishSundries: Readonly<Record<string, SundryKind>> = gather(
  allFinishes.map((finish) => finish.sundries),
);
export const finishRates: Readonly<Record<string, RateKind>> = gather(
  allFinishes.map((finish) => finish.rates),
);

/** The schemas of all kinds, as a tuple, for a discriminated union. */
export const finishSpecs = specsOf(list);

function specsOf<const List extends readonly { spec: z.ZodObject }[]>(
  list: List,
): { [Index in keyof List]: List[Index]["spec"] } {
  return list.map((finish) => finish.spec) as { [Index in keyof List]: List[Index]["spec"] };
}
