import * as z from "zod";
import { finishKinds, finishRates, finishSpecs } from "../finishes/registry";
import { setSchema, staySchema } from "../colour/schema";
import { lengthSchema, nameSchema } from "../measure/schema";
import { mmPerInch, volumeSystems } from "../measure/units";
import { paintSchema, type Paint } from "../paint/schema";
import { schools } from "../rounds/listPasses";
import { workSchemaOf } from "../work/schema";
import type { Anew } from "../rounds/listPasses";
import type { Mend } from "../work/mend/mendSteps";
import { boardSchema } from "../work/boards/schema";
import { suppliesSchemaOf } from "../work/sundries";
import { toolItems } from "../work/toolKinds";
import { stencilSchema } from "../stencil/schema";
import { edgesSchema } from "../tape/schema";
import { meetsSchema, runSchema, wallSchema } from "../wall/schema";
import { allSundries } from "./allSundries";

export const jobFormat = "jacaranda-job/1";
export const longestJobName = 200;
export const currencySchema = z
  .string()
  .regex(/^[A-Z]{3}$/, { error: 'expected a currency code such as "EUR"' });

export const finishSchema = z.discriminatedUnion("kind", finishSpecs, {
  error: () => `unknown kind of finish; expected ${finishKinds.join(", ")}`,
});

/** The job document. Composed from the modules' own slices; see docs/job-format.md. */
export const jobSchema = z
  .strictObject({
    format: z.literal(jobFormat),
    name: nameSchema(longestJobName).min(1),
    units: z.enum(["imperial", "metric"]).default("metric"),
    volumes: z.enum(volumeSystems).optional().describe("what tins and spread rates are shown in; by units"),
    currency: currencySchema.default("EUR"),
    tapeDivision: lengthSchema({ min: 0.01, max: 100 }).optional().describe("1 mm or 1/16 in by units"),
    viewingDistance: lengthSchema({ min: 100, max: 1e5 }).default(2500),
    school: z.enum(schools).default("finish"),
    edges: edgesSchema.prefault({}),
    work: workSchemaOf(finishRates).prefault({}),
    supplies: suppliesSchemaOf(Object.keys(allSundries))
      .default({})
      .describe("what sundries cost, and which are at hand"),
    toolsToBuy: z.array(z.enum(toolItems)).max(100).default([]).describe("tools that are not owned"),
    budget: z.number().min(0).max(1e9).optional().describe("what paint and sundries may cost"),
    ceiling: meetsSchema.optional().describe("of the room; a wall may have its own"),
    stencils: z.array(stencilSchema).max(100).default([]).describe("sheets that are printed with"),
    paints: z.array(paintSchema).max(200),
    walls: z.array(wallSchema).max(200),
    runs: z.array(runSchema).max(100).default([]),
    finishes: z.array(finishSchema).max(500),
    sets: z.array(setSchema).max(24).default([]).describe("the pattern in other colours, to be chosen from"),
    boards: z
      .array(boardSchema)
      .max(24)
      .default([])
      .describe("painted and looked at before anything is decided"),
    stays: z.array(staySchema).max(24).default([]).describe("what stays in the room, and its colour"),
  })
  .transform((job) => ({
    ...job,
    volumes: job.volumes ?? (job.units === "imperial" ? "us" : "litres"),
    tapeDivision: job.tapeDivision ?? (job.units === "imperial" ? mmPerInch / 16 : 1),
  }));

/** A job document after parsing: lengths in mm, defaults filled in. */
export type Job = Omit<z.infer<typeof jobSchema>, "paints"> & {
  paints: Paint[];
  /** Of a job that is under way: what went wrong and is to be put right. No document holds it. */
  readonly mends?: readonly Mend[];
  /** Likewise coats that go on once more, or were not planned, when their tape is off. */
  readonly anew?: readonly Anew[];
  /** Likewise whose risk was taken, and by whom: mixes with more tint than their base's label allows. */
  readonly accepted?: readonly { readonly mix: string; readonly name: string }[];
};
export type JobFinish = Job["finishes"][number];
