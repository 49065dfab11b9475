import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { amount, freeText, idText } from "../limits";

/** What is left of a paint, ml. */
export const weighed = defineKind({
  kind: "weighed",
  payload: z.object({
    paint: idText,
    tin: idText.optional(),
    left_ml: amount,
    after: z.array(freeText).max(5000).optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "weighed", payload, told),
  say: ({ paint, left_ml }, speech) => `${speech.paint(paint)}: ${speech.volume(left_ml)} left.`,
});
