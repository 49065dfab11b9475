import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { amount, freeText, idText } from "../limits";

/** What is in the store, or comes to it, or goes. */
export const stock = defineKind({
  kind: "stock",
  payload: z.object({
    item: idText,
    amount: amount,
    unit: z.enum(["ml", "m", "pieces"]),
    batch: freeText.optional(),
    whose: z.enum(["workshop", "client"]).optional(),
    change: z.enum(["set", "add", "take"]).default("set"),
  }),
  fold: (folding, payload, told) => intoList(folding, "stock", payload, told),
  say({ item, amount, unit, change }, speech) {
    const how = { ml: speech.volume, m: speech.run, pieces: String }[unit](amount);
    const what = speech.paint(item.replace(/^paint:/, "")).replace(/[:-]/, " ");
    return `${what}: ${how} ${{ set: "in the store", add: "more in the store", take: "taken out of the store" }[change]}.`;
  },
});
