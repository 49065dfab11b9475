import * as z from "zod";
import { coordinateRange, idSchema, lengthSchema } from "../../measure/schema";
import { finishEnvelope } from "../envelope";
import { printingKeys } from "../printingKeys";

const place = lengthSchema(coordinateRange);
const on = z.strictObject({ on: idSchema });

/** A motif printed all over, in straight or shifted columns. */
export const stencilFieldSpec = z.strictObject({
  ...finishEnvelope("stencil-field"),
  ...printingKeys,
  layout: z
    .enum(["straight", "half-drop", "brick"])
    .default("straight")
    .describe(
      "half-drop: every other column half a repeat lower; brick: every other row half a repeat to the right",
    ),
  start: z
    .strictObject({
      x: z
        .union([z.enum(["centre", "joint", "left", "right"]), on, place], {
          error: 'expected centre, joint, left, right, { "on": an opening or fixture }, or a length',
        })
        .default("centre"),
      y: z
        .union([z.enum(["top", "floor", "centre", "joint"]), place], {
          error: "expected top, floor, centre, joint, or a length",
        })
        .default("top"),
    })
    .prefault({}),
  register: z
    .enum(["datum", "ticks"])
    .default("datum")
    .describe("every column and row read from the datum, or by the corner ticks of the print before"),
  topSheet: z
    .boolean()
    .default(false)
    .describe("a copy cut short is used where the sheet would bend at the top"),
});

export type StencilFieldSpec = z.infer<typeof stencilFieldSpec>;
