import * as z from "zod";
import type { Stencil } from "../stencil/schema";
import { idSchema } from "../measure/schema";

/** What every finish says that prints with a sheet. */
export const printingKeys = {
  stencil: idSchema.describe("a sheet of the job"),
  colours: z.record(idSchema, idSchema).describe("the paint of each colour of the sheet"),
  shades: z
    .record(idSchema, idSchema)
    .default({})
    .describe("a second paint of a colour's holes, dabbed towards one edge of them while the sheet lies"),
  printBy: z
    .enum(["print", "colour"])
    .default("print")
    .describe(
      "colours of one overlay: all of them at each place under a card, or one over all places with the rest taped off, then the next",
    ),
  method: z.enum(["brush", "roller"]).default("roller"),
  fixing: z.enum(["tape", "adhesive"]).default("tape").describe("what holds the sheet"),
};

/** The name of the painter's pace at printing so. */
export const paceOfPrinting = ({ method }: { readonly method: "brush" | "roller" }) =>
  method === "brush" ? "stencilBrush_min" : "stencilRoller_min";

interface PrintingSpec {
  readonly stencil: string;
  readonly colours: Readonly<Record<string, string>>;
  readonly shades: Readonly<Record<string, string>>;
}

/** The paints of its colours, and of their shades. */
export const printingPaints = ({ colours, shades }: PrintingSpec) => [
  ...Object.entries(colours).map(([slot, id]) => ({ path: ["colours", slot], id })),
  ...Object.entries(shades).map(([slot, id]) => ({ path: ["shades", slot], id })),
];

/** A first sheet in the paints other than the wall's own, in turn; one whose repeat is a border's where that is asked for. */
export function startPrinting(
  paints: readonly string[],
  base: string,
  stencils: readonly Stencil[],
  isBorder: boolean,
): { readonly stencil: string; readonly colours: Record<string, string> } {
  const isFlat = ({ repeat }: Stencil) => repeat.y < repeat.x;
  const stencil = stencils.find((one) => isFlat(one) === isBorder) ?? stencils[0];
  const others = paints.filter((paint) => paint !== base);
  const slots = [...new Set(stencil?.overlays.flatMap(({ cuts }) => cuts.map(({ slot }) => slot)) ?? [])];
  return {
    stencil: stencil?.id ?? "",
    colours: Object.fromEntries(slots.map((slot, index) => [slot, others[index % others.length] ?? base])),
  };
}

/** Its sheet, with the paints of its colours. */
export const printingStencil = ({ stencil, colours, shades }: PrintingSpec) => [
  { path: ["stencil"], id: stencil, colours, coloursPath: ["colours"], shades },
];
