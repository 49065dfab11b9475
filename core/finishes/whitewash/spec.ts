import * as z from "zod";
import { divisionRange, idSchema, lengthSchema } from "../../measure/schema";
import { overSchema, seedSchema } from "../brokenColour";
import { finishEnvelope } from "../envelope";

/** Thinned paint on bare boards: brushed, scraped back, or over a resist of wax; whole boards at a time. */
export const whitewashSpec = z.strictObject({
  ...finishEnvelope("whitewash"),
  paint: idSchema,
  way: z.enum(["brushed", "scraped", "waxed"]).default("brushed"),
  board: lengthSchema({ min: 10, max: divisionRange.max }).default(140).describe("how wide one board is"),
  direction: z.enum(["horizontal", "vertical"]).default("horizontal"),
  over: overSchema,
  seed: seedSchema,
});

export type WhitewashSpec = z.infer<typeof whitewashSpec>;
