import type { Finding } from "../../findings/finding";
import { placeBox } from "../../geometry/placeContour";
import { openBox, type Placement } from "../../pattern/placement";
import { boxOfWall } from "../../wall/boxOfWall";
import type { PrintedWall, Printing } from "./printing";

/** Less of a print than this is a scrap: it is slow to mask, and reads as a slip. */
const leastShare = 0.2;

/** How far the open parts of a print reach into the wall from the side that cuts most of them off, mm. */
function reachOf(print: Placement, { wall, motifs }: PrintedWall): number {
  const box = placeBox(
    openBox(
      motifs.find(({ id }) => id === print.motif)!,
      print.overlay,
    ),
    print,
  );
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  return Math.max(
    0,
    Math.min(
      box.maxX - minX,
      maxX - box.minX,
      box.maxY - (minY + wall.skirting),
      maxY - wall.cornice - box.minY,
    ),
  );
}

/** Prints of which less than a fifth is on the wall, and those that an opening cuts out of a border, with the shift that avoids them. */
export function checkPartPrints({ walls, by }: Pick<Printing, "walls" | "by">): Finding[] {
  return walls.flatMap((on): Finding[] => {
    const { wall, placements } = on;
    const first = placements[0]?.overlay;
    const own = placements.filter(({ overlay }) => overlay === first);
    const openings = new Set(wall.openings.map(({ id }) => id));
    const isByOpening = ({ cutBy }: Placement) => cutBy.some((edge) => openings.has(edge));
    const scraps = own.filter((print) => print.share < leastShare && !isByOpening(print));
    const cutOut = by === "repeat" ? own.filter((print) => print.share < 1 && isByOpening(print)) : [];
    if (scraps.length + cutOut.length === 0) return [];
    const shift = Math.ceil(scraps.reduce((most, print) => Math.max(most, reachOf(print, on)), 0));
    const values = { wall: wall.id, scraps: scraps.length, shift, cutOut: cutOut.length };
    return [{ code: "part-print", severity: "note", values, at: (cutOut[0] ?? scraps[0])!.at }];
  });
}
