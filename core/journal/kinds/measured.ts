import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { figure, freeText, idText } from "../limits";

/** A place was measured again, to see whether the pattern drifts, mm. */
export const measured = defineKind({
  kind: "measured",
  payload: z.object({
    finish: idText,
    place: freeText.optional(),
    /** What stands there, as the plan names it. */
    of: idText,
    axis: z.enum(["x", "y"]),
    expected: figure,
    read: figure,
  }),
  fold: (folding, payload, told) => intoList(folding, "measured", payload, told),
  say: ({ read, expected }, speech) =>
    `Measured ${speech.length(read)} where ${speech.length(expected)} is planned.`,
});
