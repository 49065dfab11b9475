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

/** How a span is divided into whole, equal cells. */
export const wholeFitSchema = z.discriminatedUnion("by", [
  z.strictObject({ by: z.literal("count"), count: z.int().min(1).max(maximumCount) }),
  z.strictObject({ by: z.literal("near"), width }),
]);

export type WholeFit = z.infer<typeof wholeFitSchema>;

/** The number of whole cells: as asked, or the one whose width is closest to the wish, ties to the wider cell. */
export function countWhole(span: number, fit: WholeFit): number {
  if (fit.by === "count") return fit.count;
  const fewer = Math.max(1, Math.floor(span / fit.width));
  const [wide, narrow] = [span / fewer - fit.width, fit.width - span / (fewer + 1)];
  return wide <= narrow + 1e-9 ? fewer : fewer + 1;
}
