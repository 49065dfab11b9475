import { verdictOf, type Offer } from "../../fit/offer";
import { placeBox } from "../../geometry/placeContour";
import { openBox } from "../../pattern/placement";
import type { PlacementDraft } from "../../pattern/placement";
import { printDryMin } from "../../work/prints/constants";
import { waitsIn } from "../../work/prints/orderPrints";
import { paceOfPrinting } from "../printingKeys";
import { designStencilBorder } from "./design";
import type { StencilBorderLayout } from "./layout";

const orders = ["overlay", "repeat"] as const;

/** Both ways to go on with several overlays, with their minutes, waits and changes of the brush, the quicker one first. */
export function offerOrders(layout: StencilBorderLayout): Offer[] {
  const { spec, sheet, isOver } = layout;
  if (isOver || layout.places.length === 0 || sheet.stencil.overlays.length < 2) return [];
  const ways = orders.map((order) => ({ order, ...takes({ ...layout, spec: { ...spec, order } }) }));
  const best = Math.min(...ways.map(({ minutes }) => minutes));
  return ways
    .map(({ order, minutes, waiting, changes }): Offer => {
      const score = (100 * best) / minutes;
      return {
        title: { code: "print-order", by: order },
        score,
        verdict: verdictOf(score),
        reasons: [
          { code: "order-minutes", values: { minutes, waiting } },
          { code: "brush-changes", values: { changes } },
        ],
        set: { order },
        isChosen: order === spec.order,
      };
    })
    .sort((a, b) => b.score - a.score);
}

/** Minutes of whole prints and of waits between them, cleaning aside; an overlay at a time the one before dries meanwhile. */
function takes(layout: StencilBorderLayout): { minutes: number; waiting: number; changes: number } {
  const { spec, context } = layout;
  const each = (context.work.rates as Readonly<Record<string, number>>)[paceOfPrinting(spec)]!;
  const [{ placements = [], motifs = [] }] = designStencilBorder(layout) as [
    ReturnType<typeof designStencilBorder>[number],
  ];
  const byId = new Map(motifs.map((motif) => [motif.id, motif]));
  const toPrint = (print: PlacementDraft) => {
    const motif = byId.get(print.motif)!;
    return {
      open: placeBox(openBox(motif, print.overlay), print),
      sheet: placeBox(motif.sheet ?? motif.face, print),
      minutes: each,
    };
  };
  const overlays = [...new Set(placements.map(({ overlay }) => overlay))];
  const sequences =
    spec.order === "repeat"
      ? [placements]
      : overlays.map((overlay) => placements.filter((print) => print.overlay === overlay));
  const waiting = sequences
    .flatMap((prints) => waitsIn(prints.map(toPrint), printDryMin))
    .reduce((sum, wait) => sum + wait, 0);
  const inTurn = sequences.flat();
  const changes = inTurn.filter(({ overlay }, place) => place > 0 && overlay !== inTurn[place - 1]!.overlay);
  return { minutes: each * placements.length + waiting, waiting, changes: changes.length };
}
