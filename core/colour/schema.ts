import * as z from "zod";
import { areaSchema, idSchema, nameSchema } from "../measure/schema";
import { hexSchema } from "./hexSchema";

/** The document as it is, among its sets. */
export const ownSet = "s0";

/** Which paint stands in for which: the pattern in other colours. */
export const setSchema = z.strictObject({
  id: idSchema.refine((id) => id !== ownSet, {
    error: `"${ownSet}" is the document as it is; expected another id`,
  }),
  name: nameSchema().optional(),
  paints: z
    .record(idSchema, idSchema)
    .default({})
    .describe("for a paint of the pattern the one in its place"),
});

/** What stays in the room beside the walls: a floor, cloth, wood. */
export const staySchema = z.strictObject({
  id: idSchema,
  name: nameSchema().optional(),
  hex: hexSchema,
  area_m2: areaSchema({ min: 0, max: 1e4 }).default(0),
});

export type ColourSet = z.infer<typeof setSchema>;
export type Stay = z.infer<typeof staySchema>;
