import { defineFinish } from "../defineFinish";
import { cardOfBrick } from "./card";
import { checkBrick } from "./check";
import { designBrick } from "./design";
import { editBrick } from "./edit";
import { layOutBrick } from "./layout";
import { offerCourses } from "./offers";
import { otherWaysOfBrick } from "./otherWays";
import { brickSpec } from "./spec";
import { tubeMl } from "./smear";
import { brickFindings, brickWords } from "./words";
import { workBrick } from "./work";

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
  layOut: layOutBrick,
  design: designBrick,
  check: checkBrick,
  offers: offerCourses,
  otherWays: otherWaysOfBrick,
  card: cardOfBrick,
  edit: editBrick,
  work: workBrick,
  words: brickWords,
  findings: brickFindings,
  sundries: {
    "sponge-block": { name: "Block of sponge", serves: 1, why: "why-sponge" },
    "smear-filler": { name: "Filler, fine, tube", serves: tubeMl, why: "why-smear-filler" },
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
