import type { Speech } from "../../../findings/speech";
import { defineFinish } from "../../defineFinish";
import { checkDiscs } from "./check";
import { designDiscs } from "./design";
import { editDiscs } from "./edit";
import { layOutDiscs } from "./layout";
import { discsSpec } from "./spec";
import { workDiscs } from "./work";

/** A sample, of the tests alone: what a finish is that is not taped paint. */
export const discs = defineFinish({
  kind: "discs",
  title: "Row of discs",
  spec: discsSpec,
  paints: ({ colours }) => colours.map((id, index) => ({ path: ["colours", index], id })),
  things: () => [],
  layOut: layOutDiscs,
  design: designDiscs,
  check: checkDiscs,
  card: ({ radius }) => [{ type: "length", label: "Radius of a disc", path: ["radius"], value: radius }],
  edit: editDiscs,
  work: workDiscs,
  words: {
    dab: ({ wall, discs, colour }: { wall: string; discs: number; colour: string }, speech: Speech) =>
      `${speech.wall(wall)}: dab ${discs} discs in ${speech.paint(colour)}.`,
    "care-dabber": () => "Blot the dabber first.",
    "ready-dabbers": () => "Dabbers, damp and wrung out.",
    "disc-table": () => "Middles of the discs",
    "why-dabber": () => "one a colour, of foam",
  },
  findings: {
    "discs-leave-ends": ({ over, discs }: { over: number; discs: number }, { length }: Speech) => ({
      say: `${discs} discs leave ${length(over)} at each end.`,
      remedy: "Make the discs a little larger, or the gaps wider.",
    }),
  },
  sundries: { dabber: { name: "Foam dabber", serves: 1, why: "why-dabber" } },
  rates: { dabbing_min: { usual: 1.25, as: "minutes", label: "Dabbing a disc" } },
  start: ({ extent }, paints, base) => ({
    radius: 100,
    at: Math.round((extent.minY + extent.maxY) / 2),
    colours: [paints.find((paint) => paint !== base) ?? base, base],
  }),
});
