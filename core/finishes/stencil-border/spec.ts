import * as z from "zod";
import { coordinateRange, idSchema, lengthSchema, sizeRange } from "../../measure/schema";
import { finishEnvelope } from "../envelope";
import { printingKeys } from "../printingKeys";

const along = z.union(
  [
    z.strictObject({ level: lengthSchema(coordinateRange) }),
    z.strictObject({ below: z.literal("ceiling"), by: lengthSchema(sizeRange) }),
    z.strictObject({
      around: idSchema,
      gap: lengthSchema({ min: -sizeRange.max, max: sizeRange.max }).default(0),
    }),
    z.strictObject({ inside: lengthSchema(sizeRange).describe("off the edges of the wall or object") }),
  ],
  {
    error: () =>
      'expected { "level": y }, { "below": "ceiling", "by": mm }, { "around": a thing, "gap": mm } or { "inside": mm }',
  },
);

/** A motif printed along a path: a level line, the ceiling, around a thing, or within the edges. The path runs through the prints' middles. */
export const stencilBorderSpec = z.strictObject({
  ...finishEnvelope("stencil-border"),
  ...printingKeys,
  along,
  fit: z
    .enum(["stretch", "keep"])
    .default("stretch")
    .describe(
      "whole repeats, each a little longer or shorter; or the repeat kept, centred, with two part prints",
    ),
  join: z
    .enum(["left", "right"])
    .optional()
    .describe(
      "kept repeats run on around the corners of a run, and this end of it has the only part print; else each wall by itself",
    ),
  corners: z
    .union([z.enum(["butt", "mitre"]), z.strictObject({ motif: idSchema.describe("a sheet of the job") })], {
      error: 'expected butt, mitre, or { "motif": a stencil }',
    })
    .default("butt"),
  order: z
    .enum(["repeat", "overlay"])
    .default("overlay")
    .describe("each repeat finished before the next, or one overlay along the whole way"),
});

export type StencilBorderSpec = z.infer<typeof stencilBorderSpec>;
