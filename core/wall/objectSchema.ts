import * as z from "zod";
import { idSchema, nameSchema } from "../measure/schema";

/** Flat things that are laid down to be painted or printed, each in the place of a wall. */
export const objectKinds = ["board", "box-lid", "surround", "floor-cloth", "fabric", "paper"] as const;
export type ObjectKind = (typeof objectKinds)[number];

/** What it is, what it lies on, and what it needs before and after. */
export const objectSchema = z
  .strictObject({
    kind: z.enum(objectKinds),
    backing: nameSchema().optional().describe("what it lies on; by its kind when left out"),
    prepared: z.boolean().default(false).describe("already washed, or keyed"),
    varnish: idSchema.optional().describe("the clear paint that goes over all of it at the end"),
    set: z.enum(["heat", "air"]).optional().describe("of fabric: how its paint is set; by an iron"),
  })
  .superRefine(({ kind, set }, context) => {
    if (set === undefined || kind === "fabric") return;
    const message = "only fabric has its paint set; expected it to be left out";
    context.addIssue({ code: "custom", path: ["set"], message });
  });

/** What a wall may have, and a thing on a table has not. */
const ofWallsOnly = [
  "survey",
  "skirting",
  "cornice",
  "ceiling",
  "floorTrim",
  "flatness",
  "baseDownTo",
  "fixtures",
] as const;

/** Fields of a wall that an object has none of, and yet are filled in. */
export const misplacedOn = (wall: { readonly [Key in (typeof ofWallsOnly)[number]]?: unknown }): string[] =>
  ofWallsOnly.filter((key) => {
    const value = wall[key];
    return Array.isArray(value) ? value.length > 0 : value !== undefined && value !== 0;
  });
