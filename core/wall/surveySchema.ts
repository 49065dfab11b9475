import * as z from "zod";
import { coordinateRange, lengthSchema, sizeRange } from "../measure/schema";

const maximumReadings = 2000;

const stationSchema = z.strictObject({
  x: lengthSchema(coordinateRange).describe("from the left plumb line"),
  down: lengthSchema(sizeRange).describe("from the level line to the floor"),
  up: lengthSchema(sizeRange).describe("from the level line to the ceiling"),
});

const plumbReadingSchema = z.strictObject({
  y: lengthSchema(coordinateRange).describe("from the level line, up positive"),
  off: lengthSchema(coordinateRange).describe(
    "from the plumb line to the wall's end, into the wall positive",
  ),
});

/** Readings of one end against its plumb line, in any order; the order of height is made here. */
const endSchema = z
  .array(plumbReadingSchema)
  .max(maximumReadings)
  .default([])
  .superRefine((readings, context) => {
    readings.forEach(({ y }, index) => {
      if (readings.findIndex((other) => other.y === y) === index) return;
      const message = `there is already a reading at ${y}; expected one reading a height`;
      context.addIssue({ code: "custom", path: [index, "y"], message });
    });
  })
  .transform((readings) => [...readings].sort((a, b) => a.y - b.y));

/**
 * A wall as it was read from one level line: y = 0 is that line, x = 0 the left plumb line. Two stations at one
 * x are a step in the floor or the ceiling.
 */
export const surveySchema = z.strictObject({
  stations: z
    .array(stationSchema)
    .min(1)
    .max(maximumReadings)
    .superRefine((stations, context) => {
      stations.forEach(({ x }, index) => {
        const issue = (message: string) => context.addIssue({ code: "custom", path: [index, "x"], message });
        const before = stations[index - 1];
        if (before && x < before.x) {
          issue(
            `${x} stands left of the station before it, at ${before.x}; expected stations from left to right`,
          );
        }
        if (before && x === before.x && stations[index - 2]?.x === x) {
          issue(`three stations stand at ${x}; expected one, or two for a step`);
        }
      });
    }),
  left: endSchema,
  right: endSchema,
});

export type Survey = z.infer<typeof surveySchema>;
