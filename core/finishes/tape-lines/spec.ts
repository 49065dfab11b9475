import * as z from "zod";
import { areaSchema, coordinateRange, idSchema, lengthSchema } from "../../measure/schema";
import { finishEnvelope } from "../envelope";
import { fillSchema, mostFills } from "../fillsByHand";
import { lineWidthSchema } from "../lineWidthSchema";

const place = lengthSchema(coordinateRange);
const point = z.tuple([place, place]);

const lineSchema = z
  .union([z.array(point).min(2).max(50), z.strictObject({ through: z.tuple([point, point]) })], {
    error: () =>
      'expected the points of a line such as [[0, 800], [3980, 1900]], or { "through": [point, point] }',
  })
  .superRefine((line, context) => {
    const points = Array.isArray(line) ? line : line.through;
    points.slice(1).forEach(([x, y], index) => {
      if (x === points[index]![0] && y === points[index]![1]) {
        const message = "two points of the line are one; expected them apart";
        context.addIssue({ code: "custom", path: [], message });
      }
    });
  });

/** Taped lines and the faces between them, filled where a point says so or shuffled. */
export const tapeLinesSpec = z.strictObject({
  ...finishEnvelope("tape-lines"),
  lines: z.array(lineSchema).max(500).default([]),
  random: z
    .strictObject({
      way: z
        .enum(["across", "zigzag"])
        .default("across")
        .describe("full lines all over, or so many columns with one zigzag in each"),
      count: z.int().min(1).max(60),
      seed: z.int().min(0).max(2147483647),
      leastAngle: z.number().min(0).max(89).default(20).describe("degrees at which lines cross at the least"),
      leastFace: areaSchema({ min: 0, max: 100 }).default(0.03),
    })
    .optional()
    .describe("lines thrown at random, besides the others"),
  byEye: lengthSchema({ min: 1, max: 500 })
    .optional()
    .describe("how far a line may stray that is struck by eye from a sketch"),
  lineWidth: lineWidthSchema.default(0),
  fills: z
    .array(
      fillSchema.extend({
        goesOn: z
          .boolean()
          .default(false)
          .describe("takes the whole face, around the corners of a run; else the part on its own wall"),
      }),
    )
    .max(mostFills)
    .default([]),
  shuffle: z
    .strictObject({ colours: z.array(idSchema).min(1).max(50), seed: z.int().min(0).max(2147483647) })
    .optional()
    .describe("colours for the faces that no fill names"),
});

export type TapeLinesSpec = z.infer<typeof tapeLinesSpec>;
