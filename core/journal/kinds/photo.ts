import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { idText, spot, sha256Text, workList } from "../limits";

/** A picture, and what it is of. */
export const photo = defineKind({
  kind: "photo",
  payload: z.object({
    sha256: sha256Text,
    work: workList.optional(),
    board: idText.optional(),
    wall: idText.optional(),
    place: spot.optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "photo", payload, told),
  say: () => "A picture.",
});
