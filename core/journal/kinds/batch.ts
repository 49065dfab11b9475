import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { amount, freeText, hexText, idText } from "../limits";

/** A batch of a mix as it was really made, ml, and its colour when dry. */
export const batch = defineKind({
  kind: "batch",
  payload: z.object({
    mix: idText,
    n: z.number().int().min(1).max(100),
    of: z.number().int().min(1).max(100).optional(),
    additions: z
      .array(
        z.union([z.object({ paint: idText, ml: amount }), z.object({ water: z.literal(true), ml: amount })]),
      )
      .max(500),
    dry: hexText.optional(),
    useBy: freeText.optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "batch", payload, told),
  say: ({ mix, n, additions }, speech) =>
    `Batch ${n} of ${mix}: ${additions
      .map((one) => `${speech.volume(one.ml)} ${"paint" in one ? speech.paint(one.paint) : "water"}`)
      .join(", ")}.`,
});
