import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, idText } from "../limits";

/** In which a board is looked at before it is decided. */
export const lights = ["morning", "midday", "evening", "lamp"] as const;
export type SampleLight = (typeof lights)[number];

/** A verdict of a board in one light. */
export const sampleLook = defineKind({
  kind: "sample-look",
  payload: z.object({
    board: idText,
    who: z.enum(["client", "painter"]),
    light: z.enum(lights),
    verdict: z.enum(["yes", "no", "unsure"]),
    words: freeText.default(""),
  }),
  fold: (folding, payload, told) => intoList(folding, "sample-look", payload, told),
  say: ({ board, light, verdict, words }) =>
    `Board ${board} by ${light} light: ${verdict}${words && `, ${words}`}.`,
});
