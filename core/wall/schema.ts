import * as z from "zod";
import {
  ageSchema,
  coordinateRange,
  idSchema,
  lengthSchema,
  nameSchema,
  sizeRange,
  wallSideRange,
} from "../measure/schema";
import { hexSchema } from "../colour/hexSchema";
import { misplacedOn, objectSchema } from "./objectSchema";
import { surveySchema } from "./surveySchema";

const positiveSize = { min: 1, max: sizeRange.max };

const placed = {
  id: idSchema,
  name: nameSchema().optional(),
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

/** Things that are there now, and things that go up over the finished work. */
export const fixtureKinds = ["plate", "radiator", "pipe", "shelf", "furniture"] as const;
export const laterKinds = ["ledge", "rail", "picture"] as const;

export const fixtureSchema = z.strictObject({
  ...placed,
  kind: z.enum([...fixtureKinds, ...laterKinds]),
  fixings: z
    .int()
    .min(1)
    .max(50)
    .optional()
    .describe("places at which a ledge, rail or picture is fixed; by its width when left out"),
});

const edgeSchema = z.enum(["internal", "external", "stop"]).default("internal");

/** What a wall meets above or below: the paint that it has, if that is listed, and how rough it is. */
export const meetsSchema = z.strictObject({
  colour: idSchema.optional().describe("its very paint, to seal with"),
  texture: z.enum(["smooth", "light", "heavy"]).default("smooth"),
});

/** What is on a wall now. */
export const presentSchema = z.strictObject({
  colour: hexSchema.optional(),
  paint: idSchema.optional().describe("its very paint, if that is listed"),
});

/** What is the matter with the surface, and where: it becomes preparation and cautions. */
export const conditionSchema = z.strictObject({
  kind: z.enum(["crack", "patch", "gloss", "grease", "bare-plaster", "old-paint", "varnish", "wax"]),
  at: z.tuple([lengthSchema(coordinateRange), lengthSchema(coordinateRange)]).optional(),
  note: z.string().max(400).optional(),
});

/** A hollow or a bump under a straightedge held on the wall. */
export const flatnessSchema = z.strictObject({
  at: z.tuple([lengthSchema(coordinateRange), lengthSchema(coordinateRange)]),
  gap: lengthSchema(sizeRange),
  straightedge: lengthSchema(wallSideRange).default(2000),
});

/** The two diagonals, corner to corner. */
const diagonalsSchema = z.strictObject({
  rising: lengthSchema(wallSideRange).describe("lower left to upper right"),
  falling: lengthSchema(wallSideRange).describe("upper left to lower right"),
});

export const wallSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema().optional(),
    object: objectSchema.optional().describe("it is a flat thing on a table, and no wall"),
    width: lengthSchema(wallSideRange)
      .optional()
      .describe("of a survey: the right plumb line, else the last station"),
    height: lengthSchema(wallSideRange).optional().describe("of a quick wall only"),
    survey: surveySchema.optional(),
    diagonals: diagonalsSchema.optional(),
    flatness: z.array(flatnessSchema).max(500).default([]),
    judgeAt: lengthSchema(coordinateRange)
      .optional()
      .describe("height of the line that the datums are judged for"),
    skirting: lengthSchema(sizeRange).default(0),
    cornice: lengthSchema(sizeRange).default(0),
    texture: z.enum(["smooth", "light", "heavy", "brick", "boards"]).default("smooth"),
    base: idSchema.describe("the paint that is underneath"),
    baseState: z.enum(["on", "paint"]).default("on"),
    baseAge: ageSchema
      .optional()
      .describe("how long a base that is on had been there on the first morning; long, when left out"),
    primer: idSchema.optional().describe("the paint that goes on before a base that is painted"),
    baseDownTo: lengthSchema(coordinateRange)
      .optional()
      .describe("a tentative line: a base that is painted ends there, since what is lower is covered"),
    ceiling: meetsSchema.optional().describe("of this wall; else the room's"),
    floorTrim: meetsSchema.optional(),
    present: presentSchema.optional().describe("what is on it before anything is painted"),
    conditions: z.array(conditionSchema).max(200).default([]),
    openings: z.array(openingSchema).max(500).default([]),
    fixtures: z.array(fixtureSchema).max(500).default([]),
    leftEdge: edgeSchema,
    rightEdge: edgeSchema,
  })
  .transform((wall, context) => {
    const issue = (path: (string | number)[], message: string) => {
      context.addIssue({ code: "custom", path, message });
      return z.NEVER;
    };
    const { survey } = wall;
    if (wall.baseAge !== undefined && wall.baseState === "paint")
      issue(["baseAge"], "the base is painted by this job; expected its age to be left out");
    if (wall.object) {
      for (const key of misplacedOn(wall)) {
        issue([key], `a ${wall.object.kind} is no wall and has none; expected it to be left out`);
      }
    }
    if (wall.primer !== undefined && wall.baseState === "on") {
      issue(
        ["primer"],
        'a base that is already on needs no primer; expected it to be left out, or baseState "paint"',
      );
    }
    if (!survey) {
      if (wall.width === undefined) issue(["width"], "missing; expected a length, or a survey");
      if (wall.height === undefined) issue(["height"], "missing; expected a length, or a survey");
      return { ...wall, width: wall.width!, height: wall.height! };
    }
    if (wall.height !== undefined) {
      return issue(
        ["height"],
        "a surveyed wall has its heights in its stations; expected height to be left out",
      );
    }
    const last = survey.stations.at(-1)!.x;
    const width = wall.width ?? last;
    if (width < wallSideRange.min || width > wallSideRange.max) {
      const message = `the last station gives the wall's width, and ${width} is out of range; expected ${wallSideRange.min} to ${wallSideRange.max} mm, or a width`;
      return issue(["survey", "stations", survey.stations.length - 1, "x"], message);
    }
    return { ...wall, width, height: undefined };
  });

/** Walls joined at corners and treated as one strip. */
export const runSchema = z.strictObject({
  id: idSchema,
  name: nameSchema().optional(),
  walls: z.array(idSchema).min(1).max(100),
  closes: z.boolean().optional().describe("the last corner meets the first: the walls are all around a room"),
  hides: z
    .tuple([idSchema, idSchema])
    .optional()
    .describe("of a run that closes: between which two walls the join of the pattern lies"),
});

export type Meets = z.infer<typeof meetsSchema>;
export type Wall = z.infer<typeof wallSchema>;
export type Run = z.infer<typeof runSchema>;
export type Condition = Wall["conditions"][number];
export type Opening = z.infer<typeof openingSchema>;
export type Fixture = z.infer<typeof fixtureSchema>;

/** Whether something is fixed to the wall while it is painted, and in the way there. */
export const isFixed = ({ kind }: Fixture): boolean => kind !== "furniture" && !isFixedLater({ kind });

/** Whether it goes up only over the finished work. */
export const isFixedLater = ({ kind }: Pick<Fixture, "kind">): boolean =>
  (laterKinds as readonly string[]).includes(kind);
