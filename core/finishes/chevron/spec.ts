import * as z from "zod";
import { cellFitSchema, toRakeSchema } from "../../fit/schema";
import { divisionRange, idSchema, lengthSchema } from "../../measure/schema";
import { finishEnvelope } from "../envelope";
import { fillsSchema } from "../fillsByHand";
import { colouringSchema } from "../gridColouring";
import { lineWidthSchema } from "../lineWidthSchema";

/** Zigzags that climb over one column and fall over the next, in whole columns and rows. */
export const chevronSpec = z.strictObject({
  ...finishEnvelope("chevron"),
  columns: cellFitSchema,
  rows: cellFitSchema,
  fit: toRakeSchema,
  rise: z
    .union([z.enum(["row", "half-row"]), lengthSchema(divisionRange)], {
      error: 'expected "row", "half-row" or a length such as "220 mm"',
    })
    .describe(
      "how far a zigzag climbs over one column: a length, or one row or half a row, whatever its height",
    ),
  lineWidth: lineWidthSchema.default(0).describe("of the base that the tape leaves as a line"),
  uprights: z.boolean().default(false).describe("whether the columns are parted by upright lines"),
  colours: z.array(idSchema).min(1).max(50),
  colouring: colouringSchema.optional().describe("how the cells are coloured; in turn when left out"),
  fills: fillsSchema,
});

export type ChevronSpec = z.infer<typeof chevronSpec>;
