import * as z from "zod";
import { coordinateRange, divisionRange, idSchema, lengthSchema } from "../../measure/schema";
import { finishEnvelope } from "../envelope";

const size = lengthSchema({ min: 5, max: divisionRange.max });
const by = z.enum(["near", "keep"]);

/** Faux brick: faces in a bond, stamped on the mortar's colour, or left between taped joints. */
export const brickSpec = z
  .strictObject({
    ...finishEnvelope("brick"),
    way: z.enum(["stamped", "taped"]).default("stamped"),
    face: z.strictObject({ width: size, height: size }),
    joint: lengthSchema({ min: 1, max: 200 }).default(10),
    bond: z.enum(["half", "third", "stack", "header"]).default("half"),
    courses: z
      .union(
        [
          by,
          z.strictObject({ by }),
          z.strictObject({ by: z.literal("count"), count: z.int().min(1).max(2000) }),
        ],
        {
          error: 'expected near, keep, or { "by": "count", "count": 31 }',
        },
      )
      .default("near")
      .describe(
        "whole courses with the bed joint nearest to the joint; the joint kept and the lowest course cut; so many",
      ),
    guides: z
      .int()
      .min(1)
      .max(100)
      .default(1)
      .describe("of stamped brick: a guide line every so many courses"),
    start: z
      .union(
        [
          z.enum(["left", "right", "centre", "joint", "best"]),
          z.strictObject({ at: lengthSchema(coordinateRange) }),
        ],
        { error: 'expected left, right, centre, joint, best, or { "at": 120 }' },
      )
      .default("best")
      .describe(
        "best: at an outside corner, else with the widest ends; at: where a brick of the first course begins",
      ),
    colour: idSchema.describe("the paint of the faces"),
    accents: z
      .array(z.strictObject({ colour: idSchema, share: z.number().gt(0).max(1).describe("of the bricks") }))
      .max(10)
      .default([])
      .describe("in falling shares, each on dry paint"),
    fade: z.int().min(1).max(40).default(7).describe("how many faces a load of the stamp prints"),
    seed: z.int().min(0).max(2147483647).default(1),
    smear: z
      .strictObject({
        share: z.number().gt(0).max(0.9).describe("of the faces"),
        paint: idSchema.describe("the white that is dragged across with the filler"),
        thickness: lengthSchema({ min: 0.1, max: 10 }).default(0.5),
      })
      .optional()
      .describe("of taped brick: filler and white dragged across when the tape is off"),
  })
  .refine(({ way, smear }) => way === "taped" || smear === undefined, {
    path: ["smear"],
    error: "is for taped brick; expected the way taped, or it left out",
  });

export type BrickSpec = z.infer<typeof brickSpec>;
