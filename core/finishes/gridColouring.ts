import * as z from "zod";
import { idSchema } from "../measure/schema";
import { createSequence, shuffled } from "../trade/randomSequence";
import type { CardField, SpecReference } from "./defineFinish";

export const colouringSchema = z.strictObject({
  rule: z.enum(["alternate", "rows", "columns", "shuffled"]),
  colours: z
    .array(idSchema)
    .min(1)
    .max(50)
    .optional()
    .describe("what is coloured so; the finish's own when left out"),
  seed: z.int().min(0).max(2147483647).default(1),
});

export type Colouring = z.infer<typeof colouringSchema>;

/** A grid's cells by column and row, from the lower left. */
export type CellColour = (column: number, row: number) => string;

/**
 * The colours of a grid's cells by a rule. `alternate` counts on along rows and columns, so that no two neighbours are
 * alike; `rows` and `columns` count on along one of them. `shuffled` takes cells in turn from the lower left, each in a
 * seeded colour that neither the one to its left nor the one below has: with three colours there always is one, and two
 * can only alternate.
 */
export function colourGrid(
  colours: readonly string[],
  { rule, seed }: Pick<Colouring, "rule" | "seed">,
  columns: number,
  rows: number,
): CellColour {
  const count = colours.length;
  const turn = (index: number) => colours[((index % count) + count) % count]!;
  switch (rule) {
    case "alternate":
      return (column, row) => turn(column + row);
    case "rows":
      return (_, row) => turn(row);
    case "columns":
      return (column) => turn(column);
    case "shuffled": {
      const kinds = [...new Set(colours)];
      const random = createSequence(seed);
      if (kinds.length < 3) {
        const order = shuffled(kinds, random);
        return (column, row) => order[(column + row) % order.length]!;
      }
      const cells: string[] = [];
      for (let cell = 0; cell < columns * rows; cell++) {
        const left = cell % columns > 0 ? cells[cell - 1] : undefined;
        const below = cells[cell - columns];
        cells.push(shuffled(kinds, random).find((colour) => colour !== left && colour !== below)!);
      }
      return (column, row) => cells[row * columns + column]!;
    }
    default:
      return rule satisfies never;
  }
}

const ruleWords = {
  alternate: "in turn",
  rows: "by rows",
  columns: "by columns",
  shuffled: "shuffled",
} as const;

/** How a grid is coloured, on the card. */
export function colouringFields(
  label: string,
  colouring: Colouring | undefined,
  colours: readonly string[],
): CardField[] {
  const now = colouring ?? { rule: "alternate", seed: 1 };
  return [
    {
      type: "choice",
      label,
      options: (Object.keys(ruleWords) as Colouring["rule"][]).map((rule) => ({
        label: ruleWords[rule],
        selected: rule === now.rule,
        set: { colouring: { ...now, rule } },
      })),
    },
    ...(colouring?.colours
      ? ([
          { type: "colours", label: "Colours in turn", path: ["colouring", "colours"], value: colours },
        ] as const)
      : []),
    ...(now.rule === "shuffled"
      ? ([
          { type: "action", label: "Shuffle again", set: { colouring: { ...now, seed: now.seed + 1 } } },
        ] as const)
      : []),
  ];
}

/** Every paint of a finish that colours a grid, and where it is named. */
export function gridPaints({
  colours,
  colouring,
  fills,
}: {
  readonly colours: readonly string[];
  readonly colouring?: Colouring;
  readonly fills: readonly { readonly colour: string }[];
}): SpecReference[] {
  return [
    ...colours.map((id, index) => ({ path: ["colours", index], id })),
    ...(colouring?.colours ?? []).map((id, index) => ({ path: ["colouring", "colours", index], id })),
    ...fills.map(({ colour }, index) => ({ path: ["fills", index, "colour"], id: colour })),
  ];
}
