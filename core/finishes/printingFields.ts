import type { Stencil } from "../stencil/schema";
import type { CardField, FinishContext } from "./defineFinish";

interface PrintingSpec {
  readonly stencil: string;
  readonly printBy: "print" | "colour";
  readonly colours: Readonly<Record<string, string>>;
  readonly shades: Readonly<Record<string, string>>;
  readonly method: "brush" | "roller";
  readonly fixing: "tape" | "adhesive";
}

/** The paints of a sheet's colours, and how it is printed. */
export const printingFields = (
  { stencil, printBy, colours, shades, method, fixing }: PrintingSpec,
  { stencils }: FinishContext,
): CardField[] => [
  ...Object.entries(colours).map(([slot, value]): CardField => ({
    type: "paint",
    label: `Paint of ${slot}`,
    path: ["colours", slot],
    value,
    mayBeNone: false,
  })),
  ...Object.keys(colours).map((slot): CardField => ({
    type: "paint",
    label: `Shade of ${slot}`,
    path: ["shades", slot],
    value: shades[slot] ?? null,
    mayBeNone: true,
    none: "none",
  })),
  ...(hasSeveralColours(stencils, stencil, colours)
    ? [
        {
          type: "choice",
          label: "Several colours on one sheet",
          options: [
            { label: "at each print", selected: printBy === "print", set: { printBy: "print" } },
            { label: "colour by colour", selected: printBy === "colour", set: { printBy: "colour" } },
          ],
        } as const,
      ]
    : []),
  {
    type: "choice",
    label: "Printed with",
    options: [
      { label: "roller", selected: method === "roller", set: { method: "roller" } },
      { label: "brush", selected: method === "brush", set: { method: "brush" } },
    ],
  },
  {
    type: "choice",
    label: "Held by",
    options: [
      { label: "tape", selected: fixing === "tape", set: { fixing: "tape" } },
      { label: "adhesive", selected: fixing === "adhesive", set: { fixing: "adhesive" } },
    ],
  },
];

/** Whether an overlay takes more than one paint. */
const hasSeveralColours = (
  stencils: readonly Stencil[],
  id: string,
  colours: Readonly<Record<string, string>>,
): boolean =>
  stencils
    .filter((stencil) => stencil.id === id)
    .some(({ overlays }) =>
      overlays.some(({ cuts }) => new Set(cuts.map(({ slot }) => colours[slot])).size > 1),
    );
