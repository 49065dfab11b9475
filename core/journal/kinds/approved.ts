import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { amount, freeText, spot, sha256Text } from "../limits";

/** The client has agreed and signed; strokes are of the pen, and `seen` is what stood on the screen. */
export const approved = defineKind({
  kind: "approved",
  payload: z.object({
    name: freeText,
    strokes: z.array(z.array(spot).max(5000)).max(200),
    agreed: z.array(freeText).max(200),
    distance_mm: amount.optional(),
    light: freeText.optional(),
    seen: sha256Text,
  }),
  fold: (folding, payload, told) => intoList(folding, "approved", payload, told),
  say: ({ name }) => `Agreed by ${name}.`,
});
