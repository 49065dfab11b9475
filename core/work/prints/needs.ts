import type { PaintUse, SundryUse } from "../contribution";
import type { Placement, WallMotif } from "../../pattern/placement";
import { brushSizeFor, printing, shadeShare, tapeAPrintMm } from "./constants";
import { isMitred, shadedIn } from "./partsOfPrints";
import { areasByPaint, printedUses } from "./printedUses";
import { copiesOf, type Printing } from "./printSteps";
import { tapedOffMm } from "./severalColours";

/** Printed open parts by paint, and what is dabbed over a part of them as a shade, by the brush. */
export const printedPaint = ({ walls, method, shades }: Printing): PaintUse[] => [
  ...printedUses(
    walls.map(({ wall, motifs, placements }) => {
      const byId = new Map(motifs.map((motif) => [motif.id, motif]));
      return {
        wall,
        areas: areasByPaint(placements.flatMap((print) => partsOf(print, byId.get(print.motif)!))),
      };
    }),
    printing[method],
  ),
  ...printedUses(
    walls.map(({ wall, motifs, placements }) => ({
      wall,
      areas: areasByPaint(
        placements.flatMap((print) =>
          shadedIn(print, motifs, shades).map(({ paint, areaM2 }) => [paint, areaM2 * shadeShare] as const),
        ),
      ),
    })),
    printing.brush,
  ),
];

const partsOf = (print: Placement, { cutouts, openM2 }: WallMotif): (readonly [string, number])[] =>
  print.kept
    ? print.kept.map(({ paint, areaM2 }) => [paint, areaM2])
    : cutouts.flatMap(({ overlay, paint }, place) =>
        overlay === print.overlay ? [[paint, openM2[place]!] as const] : [],
      );

/** Sheets, tools, paper and what holds the sheets. */
export function printedSundries(own: Printing): SundryUse[] {
  const prints = own.walls.flatMap(({ placements }) => placements);
  if (prints.length === 0) return [];
  const loads = own.walls.reduce(
    (sum, { placements }) => sum + new Set(placements.map(({ overlay, load }) => `${overlay} ${load}`)).size,
    0,
  );
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
  const copies = copiesOf(own) + Number(own.hasTopSheet);
  return [
    ...own.pieces.sheets.map(({ stencil, plastics }): SundryUse => ({
      item: "stencil-sheet",
      amount: copies * plastics,
      of: stencil,
    })),
    ...tools,
    ...shading,
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
