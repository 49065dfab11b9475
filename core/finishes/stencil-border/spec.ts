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
  ],
  {
    error: () =>
      'expected { "level": y }, { "below": "ceiling", "by": mm } or { "around": a thing, "gap": mm }',
  },
);

/** A motif printed along a path: a level line, the ceiling, or around a thing. The path runs through the prints' middles. */
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
