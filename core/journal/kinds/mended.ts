import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { idText } from "../limits";

/** A snag is put right. */
export const mended = defineKind({
  kind: "mended",
  payload: z.object({ snag: idText }),
  fold: (folding, payload, told) => intoList(folding, "mended", payload, told),
  say: () => "Something that was wrong is put right.",
});
