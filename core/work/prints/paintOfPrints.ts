import type { PaintUse } from "../contribution";
import type { Placement, WallMotif } from "../../pattern/placement";
import { printing, shadeShare } from "./constants";
import { shadedIn } from "./partsOfPrints";
import { areasByPaint, printedUses } from "./printedUses";
import type { Printing } from "./printing";

/** Printed open parts by paint, and what is dabbed over a part of them as a shade, by the brush. */
export const paintOfPrints = ({
  walls,
  method,
  shades,
}: Pick<Printing, "walls" | "method" | "shades">): PaintUse[] => [
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
