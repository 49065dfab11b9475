import { printDryMin } from "../../trade/constants";
import { verdictOf, type Offer } from "../../fit/offer";
import { waitsIn } from "../../work/prints/orderPrints";
import { placedSheets } from "../../work/prints/placedSheets";
import { paceOfPrinting } from "../printingKeys";
import { designStencilBorder } from "./design";
import type { StencilBorderLayout } from "./layout";

const orders = ["overlay", "repeat"] as const;
/** Beyond this a border is not put in order anew for each of them. */
const mostPrints = 2500;

/** Both ways to go on with several overlays, with their minutes, waits and changes of the brush, the quicker one first. */
export function offerOrders(layout: StencilBorderLayout): Offer[] {
  const { spec, sheet, places } = layout;
  const { overlays } = sheet.stencil;
  if (places.length === 0 || places.length > mostPrints || overlays.length < 2) return [];
  const ways = orders.map((order) => ({ order, ...takes({ ...layout, spec: { ...spec, order } }) }));
  const best = Math.min(...ways.map(({ minutes }) => minutes));
  return ways
    .map(({ order, minutes, waiting, changes }): Offer => {
      // Where prints have no time of their own, neither order has.
      const score = minutes > 0 ? (100 * best) / minutes : 100;
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
  const { placements = [], motifs = [] } = designStencilBorder(layout)[0]!;
  const overlays = [...new Set(placements.map(({ overlay }) => overlay))];
  const sequences =
    spec.order === "repeat"
      ? [placements]
      : overlays.map((overlay) => placements.filter((print) => print.overlay === overlay));
  const waiting = sequences
    .flatMap((prints) =>
      waitsIn(
        placedSheets(prints, motifs).map((placed) => ({ ...placed, minutes: each })),
        printDryMin,
      ),
    )
    .reduce((sum, wait) => sum + wait, 0);
  const inTurn = sequences.flat();
  const changes = inTurn.filter(({ overlay }, place) => place > 0 && overlay !== inTurn[place - 1]!.overlay);
  return { minutes: each * placements.length + waiting, waiting, changes: changes.length };
}
