import * as z from "zod";
import { idSchema } from "../../measure/schema";
import { overSchema, seedSchema } from "../brokenColour";
import { finishEnvelope } from "../envelope";
import { missesSchema } from "../misses";

/** Limewash: coats of lime paint over a mineral ground, each in one go from end to end. */
export const limewashSpec = z.strictObject({
  ...finishEnvelope("limewash"),
  paint: idSchema,
  primer: idSchema.optional().describe("a mineral primer, where the ground is none"),
  over: overSchema,
  misses: missesSchema,
  seed: seedSchema,
});

export type LimewashSpec = z.infer<typeof limewashSpec>;
