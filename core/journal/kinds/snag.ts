import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, idText, spot } from "../limits";

/** Something is to be put right before the client is asked. */
export const snag = defineKind({
  kind: "snag",
  payload: z.object({
    snag: idText,
    wall: idText,
    place: spot.optional(),
    what: freeText,
    words: freeText.default(""),
  }),
  fold: (folding, payload, told) => intoList(folding, "snag", payload, told),
  say: ({ wall, what }, speech) => `To put right on ${speech.wall(wall)}: ${what}.`,
});
