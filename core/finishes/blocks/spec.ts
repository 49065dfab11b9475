import * as z from "zod";
import { coordinateRange, divisionRange, idSchema, lengthSchema, sizeRange } from "../../measure/schema";
import { finishEnvelope } from "../envelope";

const place = lengthSchema(coordinateRange);
const size = lengthSchema({ min: 1, max: sizeRange.max });
const margin = lengthSchema(coordinateRange).default(0);
const point = z.tuple([place, place]);

const rectangle = z
  .strictObject({
    shape: z.literal("rectangle"),
    x: place.optional(),
    y: place.optional(),
    width: size.optional(),
    height: size.optional(),
    around: z
      .union([idSchema, z.array(idSchema).min(1).max(50)], {
        error: "expected the id of an opening or fixture, or a list of such ids",
      })
      .optional()
      .describe("an opening or fixture that it is sized from, or several together"),
    side: margin.describe("beyond it on both sides"),
    above: margin,
    below: margin,
    colour: idSchema,
  })
  .superRefine((block, context) => {
    const issue = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    for (const key of ["x", "y", "width", "height"] as const) {
      if (block.around === undefined && block[key] === undefined)
        issue(key, "missing; expected a length, or around");
      if (block.around !== undefined && block[key] !== undefined) {
        issue(key, "a block around something has its size from it; expected it to be left out");
      }
    }
  });

export const blockSchema = z.discriminatedUnion("shape", [
  rectangle,
  z
    .strictObject({ shape: z.literal("polygon"), points: z.array(point).min(3).max(500), colour: idSchema })
    .superRefine(({ points }, context) => {
      points.forEach((end, index) => {
        const [start, side] = [points.at(index - 1)!, divisionRange.min];
        const isOne = start[0] === end[0] && start[1] === end[1];
        if (isOne || Math.abs(start[0] - end[0]) >= side || Math.abs(start[1] - end[1]) >= side) return;
        const message = `closer than ${side} mm to the point before it; expected a longer side`;
        context.addIssue({ code: "custom", path: ["points", index], message });
      });
    }),
  z.strictObject({ shape: z.literal("circle"), centre: point, radius: size, colour: idSchema }),
  z.strictObject({
    shape: z.literal("half-circle"),
    centre: point.describe("the middle of its straight side"),
    radius: size,
    bulges: z.enum(["up", "down", "left", "right"]).default("up"),
    colour: idSchema,
  }),
]);

/** Blocks of colour; later ones lie over earlier ones. */
export const blocksSpec = z.strictObject({
  ...finishEnvelope("blocks"),
  blocks: z.array(blockSchema).min(1).max(200),
});

export type BlocksSpec = z.infer<typeof blocksSpec>;
export type Block = BlocksSpec["blocks"][number];
