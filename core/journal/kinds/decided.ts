import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, idText } from "../limits";

/** A choice that holds from now on. */
export const decided = defineKind({
  kind: "decided",
  payload: z.object({
    of: z.record(z.string().max(50), z.unknown()),
    board: idText.optional(),
    words: freeText.default(""),
    name: freeText.default(""),
    accepts: z.array(idText).max(50).optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "decided", payload, told),
  say: ({ of, name }) =>
    `Decided${name && ` by ${name}`}: ${Object.entries(of)
      .map(([what, which]) => `${what} ${String(which)}`)
      .join(", ")}.`,
});
