import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { idText } from "../limits";

/** A section of broken colour as it looks from the doorway. */
export const section = defineKind({
  kind: "section",
  payload: z.object({ finish: idText, section: idText, seen: z.record(z.string().max(50), z.unknown()) }),
  fold: (folding, payload, told) => intoList(folding, "section", payload, told),
  say: ({ section: id }) => `Looked at section ${id}.`,
});
