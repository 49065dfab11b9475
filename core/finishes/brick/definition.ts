import { defineFinish } from "../defineFinish";
import { cardOfBrick } from "./card";
import { editBrick } from "./edit";
import { layOutBrick } from "./layout";
import { otherWaysOfBrick } from "./otherWays";
import { fillerTubeMl } from "../../trade/constants";
import { brickSpec } from "./spec";

export const brick = defineFinish({
  kind: "brick",
  title: "Brick",
  spec: brickSpec,
  paints: ({ colour, accents, smear }) => [
    { path: ["colour"], id: colour },
    ...accents.map((accent, index) => ({ path: ["accents", index, "colour"], id: accent.colour })),
    ...(smear ? [{ path: ["smear", "paint"], id: smear.paint }] : []),
  ],
  things: () => [],
  goesAround: () => true,
  layOut: layOutBrick,
  otherWays: otherWaysOfBrick,
  card: cardOfBrick,
  edit: editBrick,
  sundries: {
    "sponge-block": { name: "Block of sponge", serves: 1, why: "why-sponge", leavesLook: true },
    "smear-filler": { name: "Filler, fine, tube", serves: fillerTubeMl, why: "why-smear-filler" },
    "brick-tape": {
      name: { metric: "Tape to slit, 48 mm", imperial: 'Tape to slit, 1 7/8"' },
      serves: 1,
      why: "why-brick-tape",
    },
  },
  rates: { brickFaces_per_min: { usual: 6, as: "a minute", label: "Brick faces" } },
  start: (_, paints, base) => {
    const others = paints.filter((paint) => paint !== base);
    return {
      face: { width: 228, height: 68 },
      joint: 10,
      bond: "half",
      colour: others[0] ?? base,
      accents: others[1] === undefined ? [] : [{ colour: others[1], share: 0.1 }],
    };
  },
});
