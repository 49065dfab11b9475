import * as z from "zod";
import { coordinateRange, divisionRange, lengthSchema } from "../measure/schema";

const width = lengthSchema(divisionRange);
const wish = width.optional().describe("the width that was asked for first; steers the offers only");

export const maximumCount = 2000;

/** How a span is divided. The spec decides; candidates are only offered. */
export const fitSchema = z.discriminatedUnion("by", [
  z.strictObject({ by: z.literal("count"), count: z.int().min(1).max(maximumCount), wish }),
  z.strictObject({
    by: z.literal("near"),
    width: width.optional().describe("left out only where each colour has its own width"),
    ends: z.enum(["same", "different", "any"]).default("any"),
  }),
  z.strictObject({
    by: z.literal("width"),
    width: width.optional(),
    centre: z.enum(["stripe", "joint", "best", "none"]).default("best"),
    wish,
  }),
  z.strictObject({
    by: z.literal("anchor"),
    width: width.optional(),
    at: lengthSchema(coordinateRange),
    wish,
  }),
  z.strictObject({ by: z.literal("spread"), module: width, wish }),
]);

export type Fit = z.infer<typeof fitSchema>;

/** How a span is divided into equal cells: whole ones, or of a kept width from the middle outwards, cut at both ends. */
export const cellFitSchema = z.discriminatedUnion("by", [
  z.strictObject({ by: z.literal("count"), count: z.int().min(1).max(maximumCount) }),
  z.strictObject({ by: z.literal("near"), width }),
  z.strictObject({ by: z.literal("width"), width }),
]);

export type CellFit = z.infer<typeof cellFitSchema>;

/** Of the sizes near to those of columns and rows, the ones whose halves or wholes meet a raking edge. */
export const toRakeSchema = z
  .strictObject({ to: z.enum(["ends", "rake"]) })
  .optional()
  .describe(
    "rows of such a height that halves or wholes meet a raking top or foot; or, as without it, floor and top",
  );

export type ToRake = z.infer<typeof toRakeSchema>;
