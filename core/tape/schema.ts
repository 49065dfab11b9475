import * as z from "zod";
import { soldTapesMm, tapeWidthMm, usualTapesMm } from "../trade/constants";

/** The painter's schools for edges. */
export const edgesSchema = z.strictObject({
  seal: z
    .enum(["colour", "caulk", "press"])
    .default("colour")
    .describe(
      "what goes along a taped edge before its paint: the colour under the tape, a film of sealer, or nothing",
    ),
  caulk: z.enum(["clear", "white"]).default("clear").describe("the sealer of that school"),
  curves: z
    .enum(["tape", "hand"])
    .default("tape")
    .describe("curved edges: narrow flexible tape under the usual one, or cut in by hand without tape"),
  straight: z
    .enum(["tape", "hand"])
    .default("tape")
    .describe("straight edges between two colours: taped, or cut in by hand to a dry neighbour"),
  externalCorner: z
    .enum(["float", "tape"])
    .default("float")
    .describe("two colours at an external corner: the last strip floated on with a wide brush, or taped"),
  ceiling: z
    .enum(["auto", "colour", "clear", "press"])
    .default("auto")
    .describe("how masks at the ceiling are sealed; auto: by its texture and colour, if those are told"),
  markAt: z
    .enum(["middle", "edge"])
    .default("middle")
    .describe(
      "where lines that a tape leaves are marked: at the tape's middle, or always at its lower or left edge",
    ),
  tapes: z
    .array(z.literal(soldTapesMm))
    .refine((widths) => widths.includes(tapeWidthMm), {
      error: `the usual roll for edges, ${tapeWidthMm} mm, belongs to them`,
    })
    .default([...usualTapesMm])
    .transform((widths) => [...new Set(widths)].sort((a, b) => a - b))
    .describe("widths of tape that can be had, mm"),
  peel: z
    .enum(["auto", "wet", "dry"])
    .default("auto")
    .describe("when tape comes off; auto: by the wall's texture"),
});

export type Edges = z.infer<typeof edgesSchema>;
