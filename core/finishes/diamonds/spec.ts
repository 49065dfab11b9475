import * as z from "zod";
import { cellFitSchema, toRakeSchema } from "../../fit/schema";
import { idSchema, lengthSchema } from "../../measure/schema";
import { finishEnvelope } from "../envelope";
import { fillsSchema } from "../fillsByHand";
import { colouringSchema } from "../gridColouring";
import { lineWidthSchema } from "../lineWidthSchema";

/** Whole rhombi tip to tip in a grid; the cells between them take the second colour or stay base. */
export const diamondsSpec = z.strictObject({
  ...finishEnvelope("diamonds"),
  columns: cellFitSchema,
  rows: cellFitSchema,
  fit: toRakeSchema,
  colours: z.array(idSchema).min(1).max(2),
  lineWidth: lineWidthSchema.default(0),
  colouring: colouringSchema.optional().describe("how the diamonds are coloured; all alike when left out"),
  fills: fillsSchema,
  overLines: z
    .strictObject({ colour: idSchema, width: lengthSchema({ min: 1, max: 500 }) })
    .optional()
    .describe("slanted lines over the diamonds, through their middles"),
});

export type DiamondsSpec = z.infer<typeof diamondsSpec>;
