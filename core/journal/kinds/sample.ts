import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { amount, freeText, idText, spot } from "../limits";
import { saySubject } from "../../findings/subject";

/** A board was painted to be looked at. */
export const sample = defineKind({
  kind: "sample",
  payload: z.object({
    board: idText,
    of: z.union([
      z.object({ set: idText }),
      z.object({ paint: idText }),
      z.object({ finish: idText }),
      z.object({ mix: idText }),
      z.object({ scheme: idText }),
    ]),
    size: z.tuple([amount, amount]).optional(),
    coats: z.number().int().min(0).max(50).optional(),
    by: freeText.optional(),
    /** Where it hangs: in words, or where on a wall its middle is. */
    where: freeText.optional(),
    wall: idText.optional(),
    place: spot.optional(),
    sheen: freeText.optional(),
    grade: z.enum(["sample", "tin"]).optional(),
    batch: freeText.optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "sample", payload, told),
  say: ({ board, of, wall, place }, speech) =>
    wall !== undefined && place
      ? `Board ${board} hangs on ${speech.wall(wall)}, ${speech.length(place[0])} along, ${speech.length(place[1])} up.`
      : `Board ${board} is painted, of ${saySubject(of, speech)}.`,
});
