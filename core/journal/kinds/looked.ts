import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, workList } from "../limits";

/** What someone who looked found, in words. */
export const verdicts = {
  good: "good",
  "ground-shows": "the ground shows",
  uneven: "uneven",
  stop: "nothing may go on yet",
} as const;

/** Someone looked and decided whether what comes after may begin, or whether another coat is due. */
export const looked = defineKind({
  kind: "looked",
  payload: z.object({
    work: workList,
    verdict: z.enum(Object.keys(verdicts) as (keyof typeof verdicts)[]),
    words: freeText.default(""),
  }),
  fold: (folding, payload, told) => intoList(folding, "looked", payload, told),
  say: ({ verdict, words }) => `Looked: ${verdicts[verdict]}${words && `, ${words}`}.`,
});
