import type { Box } from "../../geometry/curve";
import { placeBox } from "../../geometry/placeContour";
import { openBox, type Motif, type PlacementDraft } from "../../pattern/placement";
import type { ToPrint } from "./orderPrints";

type Placed = Pick<PlacementDraft, "motif" | "overlay" | "at" | "turn" | "mirrored">;

/** Where the open parts and the plastic of prints come to lie, in their order. */
export function placedSheets(
  prints: readonly Placed[],
  motifs: readonly Motif[],
): Omit<ToPrint, "minutes">[] {
  const byId = new Map(motifs.map((motif) => [motif.id, motif]));
  const known = new Map<string, Box>();
  return prints.map((print) => {
    const motif = byId.get(print.motif)!;
    const key = `${print.motif} ${print.overlay}`;
    const open = known.get(key) ?? openBox(motif, print.overlay);
    known.set(key, open);
    return { open: placeBox(open, print), sheet: placeBox(motif.sheet ?? motif.face, print) };
  });
}
