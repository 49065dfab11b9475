import type { SundryUse } from "../contribution";
import { tapeAPrintMm } from "./constants";
import { isMitred } from "./partsOfPrints";
import type { Printing } from "./printing";
import { copiesOf } from "./printSteps";
import { tapedOffMm } from "./severalColours";
import { brushesOf } from "./toolsOfPrints";

/** Sheets, tools, paper and what holds the sheets. */
export function printedSundries(own: Printing): SundryUse[] {
  const prints = own.walls.flatMap(({ placements }) => placements);
  if (prints.length === 0) return [];
  const loads = own.walls.reduce(
    (sum, { placements }) => sum + new Set(placements.map(({ overlay, load }) => `${overlay} ${load}`)).size,
    0,
  );
  const copies = copiesOf(own) + Number(own.hasTopSheet);
  return [
    ...own.pieces.sheets.map(({ stencil, plastics }): SundryUse => ({
      item: "stencil-sheet",
      amount: copies * plastics,
      of: stencil,
    })),
    ...brushesOf(own),
    { item: "blotting-paper", amount: loads },
    {
      item: "stencil-tape",
      amount: (prints.length * tapeAPrintMm + mitresMm(own) + copiesOf(own) * tapedOffMm(own.pieces)) / 1000,
    },
    ...(own.fixing === "adhesive" ? [{ item: "stencil-adhesive", amount: prints.length }] : []),
  ];
}

/** Tape along the diagonals of mitres: of a square as high as the print is, at each print that one cuts. */
const mitresMm = ({ walls }: Printing): number =>
  walls.reduce(
    (sum, { motifs, placements }) =>
      sum +
      placements.filter(isMitred).reduce((length, { motif }) => {
        const { face } = motifs.find(({ id }) => id === motif)!;
        return length + Math.SQRT2 * (face.maxY - face.minY);
      }, 0),
    0,
  );
