import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, workList } from "../limits";

/** Someone looked and decided whether what comes after may begin, or whether another coat is due. */
export const looked = defineKind({
  kind: "looked",
  payload: z.object({
    work: workList,
    verdict: z.enum(["good", "ground-shows", "uneven", "stop"]),
    words: freeText.default(""),
  }),
  fold: (folding, payload, told) => intoList(folding, "looked", payload, told),
  say: ({ verdict, words }) => `Looked: ${verdict}${words && `, ${words}`}.`,
});
