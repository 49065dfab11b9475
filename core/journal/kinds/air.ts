import * as z from "zod";
import { defineKind, intoList } from "../defineKind";

/** The air in the room, C and % RH. */
export const air = defineKind({
  kind: "air",
  payload: z.object({ temperature: z.number().min(-30).max(60), humidity: z.number().min(0).max(100) }),
  fold: (folding, payload, told) => intoList(folding, "air", payload, told),
  say: ({ temperature, humidity }, speech) => `The air: ${speech.temperature(temperature)}, ${humidity} %.`,
});
