import * as z from "zod";
import { coordinateRange, divisionRange, idSchema, lengthSchema } from "../../../measure/schema";
import { finishEnvelope } from "../../envelope";

/** A row of printed discs in two colours in turn, touching nothing but each other's gaps. */
export const discsSpec = z.strictObject({
  ...finishEnvelope("discs"),
  radius: lengthSchema(divisionRange),
  gap: lengthSchema({ min: 0, max: divisionRange.max }).default(0),
  at: lengthSchema(coordinateRange).describe("how high their middles stand"),
  colours: z.tuple([idSchema, idSchema]),
  hands: z
    .int()
    .min(1)
    .max(4)
    .default(1)
    .describe("how many people a wall's discs of one colour take at once"),
  unbroken: z.boolean().default(false).describe("whether they have to be dabbed in one go"),
});

export type DiscsSpec = z.infer<typeof discsSpec>;
