import * as z from "zod";
import { hexSchema } from "../../colour/hexSchema";
import { coordinateRange, divisionRange, lengthSchema, sizeRange } from "../../measure/schema";
import { finishEnvelope } from "../envelope";

const size = lengthSchema({ min: 10, max: divisionRange.max });

/** Self-adhesive paper: sheets of a roll's width side by side, butted at their seams. */
export const paperSpec = z
  .strictObject({
    ...finishEnvelope("paper"),
    roll: z.strictObject({
      width: size,
      length: lengthSchema({ min: 10, max: 1e6 }),
      price: z.number().min(0).max(1e6).optional().describe("of one roll"),
    }),
    repeat: lengthSchema({ min: 1, max: 1e5 }).optional().describe("of the pattern, down the roll"),
    match: z.enum(["straight", "half-drop", "free"]).default("free"),
    start: z
      .union(
        [
          z.enum(["left", "right", "centre", "seam"]),
          z.strictObject({ seam: lengthSchema(coordinateRange) }),
        ],
        { error: 'expected left, right, centre, seam, or { "seam": 1200 }' },
      )
      .default("left")
      .describe("a whole sheet at an end, one in the middle, a seam there, or a seam at a place"),
    allowance: lengthSchema(sizeRange).default(50).describe("beyond the wall, at each end of a drop"),
    hex: hexSchema.default("#C6CDC2").describe("what it is drawn in"),
  })
  .refine(({ match, repeat }) => match === "free" || repeat !== undefined, {
    path: ["repeat"],
    error: "is missing; expected the pattern's repeat down the roll, or the match free",
  });

export type PaperSpec = z.infer<typeof paperSpec>;
