import * as z from "zod";
import { coordinateRange, divisionRange, idSchema, lengthSchema, nameSchema, quote } from "../measure/schema";
import { mostCommands, mostPieces, parsePath } from "./parsePath";

const size = lengthSchema(divisionRange);
/** Closer prints than a fingertip apart are no stencil. */
const repeat = lengthSchema({ min: 10, max: divisionRange.max });
const place = lengthSchema(coordinateRange);

const pathSchema = z
  .string()
  .max(400_000)
  .superRefine((text, context) => {
    try {
      parsePath(text);
    } catch (error) {
      const reason = error instanceof Error ? error.message : String(error);
      const message = `${quote(text)} ${reason}; expected path data in mm such as "M 0 0 L 40 0 L 40 80 Z", up to ${mostCommands} commands`;
      context.addIssue({ code: "custom", message });
    }
  });

const overlaySchema = z.strictObject({
  id: idSchema,
  cuts: z
    .array(z.strictObject({ slot: idSchema.describe("which colour goes through it"), path: pathSchema }))
    .min(1)
    .max(1000),
});

/** How many curves a path comes to; none where it cannot be read, which is told at the path itself. */
function piecesOf(path: string): number {
  try {
    return parsePath(path).reduce((sum, { curves }) => sum + curves.length, 0);
  } catch {
    return 0;
  }
}

/** A sheet with holes, in its own coordinates: mm, y up, the origin at the cell's middle. */
export const stencilSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema().optional(),
    repeat: z.strictObject({ x: repeat, y: repeat }).describe("from each print to the next"),
    sheet: z
      .strictObject({ width: size, height: size })
      .optional()
      .describe("the plastic, centred on the cell; 40 mm more all round when left out"),
    turns: z
      .boolean()
      .optional()
      .describe("whether the motif is the same turned by half; found when left out"),
    overlays: z.array(overlaySchema).min(1).max(20),
    registers: z
      .array(z.tuple([place, place]))
      .max(40)
      .default([])
      .describe("marks that overlays are laid by"),
  })
  .superRefine(({ overlays }, context) => {
    const pieces = overlays.flatMap(({ cuts }) => cuts.map(({ path }) => piecesOf(path)));
    if (pieces.reduce((sum, count) => sum + count, 0) > mostPieces) {
      const message = `come to over ${mostPieces} pieces; expected a simpler sheet`;
      context.addIssue({ code: "custom", path: ["overlays"], message });
    }
    overlays.forEach(({ id }, index) => {
      if (overlays.findIndex((other) => other.id === id) === index) return;
      const message = `${quote(id)} is used twice; expected an id of its own`;
      context.addIssue({ code: "custom", path: ["overlays", index, "id"], message });
    });
  });

export type Stencil = z.infer<typeof stencilSchema>;
