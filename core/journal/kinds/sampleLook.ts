import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, idText } from "../limits";

/** A verdict of a board in one light. */
export const sampleLook = defineKind({
  kind: "sample-look",
  payload: z.object({
    board: idText,
    who: z.enum(["client", "painter"]),
    light: z.enum(["morning", "midday", "evening", "lamp"]),
    verdict: z.enum(["yes", "no", "unsure"]),
    words: freeText.default(""),
  }),
  fold: (folding, payload, told) => intoList(folding, "sample-look", payload, told),
  say: ({ board, light, verdict }) => `Board ${board} by ${light} light: ${verdict}.`,
});
