import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, idText } from "../limits";

/** A choice that holds from now on; with `refused` among what it is of, that it is not wanted. */
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
  say({ of: { refused, ...of }, name, words }) {
    const what = Object.entries(of)
      .map(([kind, which]) => `${kind} ${String(which)}`)
      .join(", ");
    const by = name && ` by ${name}`;
    return `${refused === true ? "Refused" : "Decided"}${by}: ${what}${words && `, ${words}`}.`;
  },
});
