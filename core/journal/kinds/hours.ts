import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, momentText } from "../limits";

/** Who is there on a day, from when to when, by the clock. */
export const hours = defineKind({
  kind: "hours",
  payload: z.object({ who: freeText, from: momentText, to: momentText }),
  fold: (folding, payload, told) => intoList(folding, "hours", payload, told),
  say: ({ who, from, to }) => `${who} is there from ${from} to ${to}.`,
});
