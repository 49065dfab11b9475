import { defineFinish } from "../defineFinish";
import { cardOfTapeLines } from "./card";
import { editTapeLines } from "./edit";
import { layOutTapeLines } from "./layout";
import { tapeLinesSpec } from "./spec";

export const tapeLines = defineFinish({
  kind: "tape-lines",
  title: "Taped lines",
  spec: tapeLinesSpec,
  paints: ({ fills, shuffle }) => [
    ...fills.map(({ colour }, index) => ({ path: ["fills", index, "colour"], id: colour })),
    ...(shuffle?.colours ?? []).map((id, index) => ({ path: ["shuffle", "colours", index], id })),
  ],
  things: () => [],
  layOut: layOutTapeLines,
  card: cardOfTapeLines,
  edit: editTapeLines,
  start: ({ extent: { minX, maxX, minY, maxY } }, paints, base) => {
    const place = (u: number, v: number) => [
      Math.round(minX + (maxX - minX) * u),
      Math.round(minY + (maxY - minY) * v),
    ];
    const others = paints.filter((paint) => paint !== base).slice(0, 3);
    return {
      lines: [
        { through: [place(0, 0.25), place(1, 0.6)] },
        { through: [place(0.3, 0), place(0.55, 1)] },
        { through: [place(0, 0.9), place(0.8, 0)] },
      ],
      shuffle: { colours: [...(others.length > 0 ? others : [base]), base], seed: 1 },
    };
  },
});
