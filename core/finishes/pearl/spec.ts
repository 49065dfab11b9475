import * as z from "zod";
import { idSchema } from "../../measure/schema";
import { overSchema, seedSchema } from "../brokenColour";
import { finishEnvelope } from "../envelope";
import { missesSchema } from "../misses";

/** A clear coat with pearl or glitter in it, rolled in lanes; the second coat square to the first. */
export const pearlSpec = z.strictObject({
  ...finishEnvelope("pearl"),
  paint: idSchema,
  over: overSchema,
  misses: missesSchema,
  kindOfCoat: z
    .enum(["purpose-made", "stirred-in"])
    .default("purpose-made")
    .describe("bought as it is, or glitter stirred into paint"),
  seed: seedSchema,
});

export type PearlSpec = z.infer<typeof pearlSpec>;
