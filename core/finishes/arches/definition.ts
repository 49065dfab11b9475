import { defineFinish } from "../defineFinish";
import { cardOfArches } from "./card";
import { editArches } from "./edit";
import { layOutArches } from "./layout";
import { archesSpec } from "./spec";

export const arches = defineFinish({
  kind: "arches",
  title: "Arches",
  spec: archesSpec,
  paints: ({ bands }) =>
    bands.flatMap((band, index) =>
      "gap" in band ? [] : [{ path: ["bands", index, "colour"], id: band.colour }],
    ),
  things: () => [],
  layOut: layOutArches,
  card: cardOfArches,
  edit: editArches,
  start: ({ extent: { minX, maxX, minY, maxY } }, paints, base) => {
    // As wide as two thirds of the wall allows under the ceiling, in bands of a sixth of the radius.
    const outerRadius = Math.round(Math.min((maxX - minX) / 3, (maxY - minY) * 0.75));
    const others = paints.filter((paint) => paint !== base);
    const width = Math.round(outerRadius / 6);
    const bands = [0, 1, 2].flatMap((index) => [
      { width, colour: others[index % Math.max(1, others.length)] ?? base },
      { gap: Math.round(width / 4) },
    ]);
    return {
      centre: [Math.round((minX + maxX) / 2), Math.round(minY)],
      outerRadius,
      from: 0,
      to: 180,
      bands: bands.slice(0, -1),
    };
  },
});
