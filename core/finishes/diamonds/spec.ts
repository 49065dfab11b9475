import { z } from "zod";
import { wholeFitSchema } from "../../fit/schema";
import { idSchema, lengthSchema } from "../../measure/schema";
import { finishEnvelope } from "../envelope";

/** Whole rhombi tip to tip in a grid; the cells between them take the second colour or stay base. */
export const diamondsSpec = z.strictObject({
  ...finishEnvelope("diamonds"),
  columns: wholeFitSchema,
  rows: wholeFitSchema,
  colours: z.array(idSchema).min(1).max(2),
  lineWidth: lengthSchema({ min: 0, max: 500 }).default(0),
});

export type DiamondsSpec = z.infer<typeof diamondsSpec>;
