import { z } from "zod";
import { coordinateRange, idSchema, lengthSchema, sizeRange, wallSideRange } from "../measure/schema";

const positiveSize = { min: 1, max: sizeRange.max };

const placed = {
  id: idSchema,
  name: z.string().max(120).optional(),
  x: lengthSchema(coordinateRange),
  y: lengthSchema(coordinateRange),
  width: lengthSchema(positiveSize),
  height: lengthSchema(positiveSize),
};

export const openingSchema = z
  .strictObject({
    ...placed,
    kind: z.enum(["window", "door", "hatch", "niche", "opening"]),
    shape: z.enum(["rectangle", "arch", "circle"]).default("rectangle"),
    rise: lengthSchema(positiveSize).optional().describe("height of the arch within the opening's height"),
    casing: lengthSchema({ min: 0, max: 2000 }).default(0),
  })
  .superRefine((opening, context) => {
    const issue = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    if (opening.shape === "circle" && Math.abs(opening.width - opening.height) > 0.01) {
      issue("height", "a circle is as high as it is wide; expected the same as width");
    }
    if (opening.shape !== "arch") {
      if (opening.rise !== undefined) issue("rise", "only an arch has a rise; expected it to be left out");
    } else if (opening.rise === undefined) {
      issue("rise", "an arch needs its rise; expected a length");
    } else if (opening.rise > Math.min(opening.height, opening.width / 2) + 0.01) {
      issue("rise", "the rise is too high; expected at most the opening's height and half its width");
    }
  });

export const fixtureSchema = z.strictObject({
  ...placed,
  kind: z.enum(["plate", "radiator", "pipe", "shelf", "furniture"]),
});

const edgeSchema = z.enum(["internal", "external", "stop"]).default("internal");

export const wallSchema = z.strictObject({
  id: idSchema,
  name: z.string().max(120).optional(),
  width: lengthSchema(wallSideRange),
  height: lengthSchema(wallSideRange),
  skirting: lengthSchema(sizeRange).default(0),
  cornice: lengthSchema(sizeRange).default(0),
  texture: z.enum(["smooth", "light", "heavy", "brick", "boards"]).default("smooth"),
  base: idSchema.describe("the paint that is underneath"),
  baseState: z.enum(["on", "paint"]).default("on"),
  openings: z.array(openingSchema).max(500).default([]),
  fixtures: z.array(fixtureSchema).max(500).default([]),
  leftEdge: edgeSchema,
  rightEdge: edgeSchema,
});

/** Walls joined at corners and treated as one strip. */
export const runSchema = z.strictObject({ id: idSchema, walls: z.array(idSchema).min(1).max(100) });

export type Wall = z.infer<typeof wallSchema>;
export type Opening = z.infer<typeof openingSchema>;
export type Fixture = z.infer<typeof fixtureSchema>;
export type Texture = Wall["texture"];
