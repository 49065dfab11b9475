import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { idText, spot } from "../limits";

/** A place that a coat has missed. */
export const miss = defineKind({
  kind: "miss",
  payload: z.object({
    finish: idText,
    coat: z.number().int().min(1).max(50).optional(),
    place: spot,
    wall: idText.optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "miss", payload, told),
  say: ({ place: [x, y], wall }, speech) =>
    `Missed${wall === undefined ? "" : ` on ${speech.wall(wall)}`}: ${speech.length(x)} along, ${speech.length(y)} up.`,
});
