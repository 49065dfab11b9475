import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, idText, spot } from "../limits";

/** Something went wrong at a place. */
export const trouble = defineKind({
  kind: "trouble",
  payload: z.object({
    trouble: idText,
    wall: idText,
    place: spot,
    size: z.enum(["small", "large"]).default("small"),
    words: freeText.default(""),
  }),
  fold: (folding, payload, told) => intoList(folding, "trouble", payload, told),
  say: ({ trouble, wall, words }, speech) =>
    `Trouble on ${speech.wall(wall)}: ${trouble.replaceAll("-", " ")}${words && `, ${words}`}.`,
});
