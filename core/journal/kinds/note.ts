import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText } from "../limits";

/** Anything else worth keeping. */
export const note = defineKind({
  kind: "note",
  payload: z.object({ words: freeText }),
  fold: (folding, payload, told) => intoList(folding, "note", payload, told),
  say: ({ words }) => words,
});
