import type { SundryUse } from "../contribution";
import { brushSizeFor } from "./constants";
import type { Printing } from "./printing";

/** A brush or foam roller for each colour of a sheet, by its narrowest hole; and a brush for each shade. */
export function brushesOf(own: Pick<Printing, "method" | "holes" | "shades">): SundryUse[] {
  const brushFor = (narrowest: number, of: string): SundryUse => ({
    item: `stencil-brush-${brushSizeFor(narrowest)}`,
    amount: 1,
    of,
  });
  const tools = own.holes.map(({ narrowestMm, paint }): SundryUse =>
    own.method === "roller" ? { item: "foam-roller", amount: 1, of: paint } : brushFor(narrowestMm, paint),
  );
  // One for shading beside the one of its colour.
  const shading = [...own.shades].map(([slot, paint]) =>
    brushFor(own.holes.find((hole) => hole.slot === slot)?.narrowestMm ?? 0, `shade ${paint}`),
  );
  return [...tools, ...shading];
}

/** Everything that a print is made with. */
export const toolsOf = (own: Pick<Printing, "method" | "holes" | "shades" | "fixing">): string[] => [
  "stencil-sheet",
  ...new Set(brushesOf(own).map(({ item }) => item)),
  "blotting-paper",
  own.fixing === "adhesive" ? "stencil-adhesive" : "stencil-tape",
];
