import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { freeText, hexText, idText } from "../limits";
import { saySubject } from "../../findings/subject";

const agreedPaint = z.object({
  paint: idText,
  hex: hexText,
  material: freeText,
  sheen: freeText,
  coats: z.number().int().min(1).max(50),
  recipe: freeText.optional(),
  /** What it is laid on with, of tools that leave their own look. */
  tools: z.array(idText).max(50).optional(),
  /** The batch that was at hand, of a mix. */
  batch: z.number().int().min(1).max(100).optional(),
});

/** A paint as a yes was given to it. */
export type AgreedPaint = z.infer<typeof agreedPaint>;

export type Decided = ReturnType<(typeof decided)["payload"]["parse"]>;

/** A choice that holds from now on; with `refused` among what it is of, that it is not wanted. */
export const decided = defineKind({
  kind: "decided",
  payload: z.object({
    of: z.record(z.string().max(50), z.unknown()),
    board: idText.optional(),
    words: freeText.default(""),
    name: freeText.default(""),
    accepts: z.array(idText).max(50).optional(),
    agreed: z.array(agreedPaint).max(100).optional(),
  }),
  fold: (folding, payload, told) => intoList(folding, "decided", payload, told),
  say: ({ of, name, words }, speech) =>
    `${of.refused === true ? "Refused" : "Decided"}${name && ` by ${name}`}: ${typeof of.called === "string" ? of.called : saySubject(of, speech)}${words && `, ${words}`}.`,
});
