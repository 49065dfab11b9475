import type { Speech } from "../../../findings/speech";
import { checkDiscs } from "./check";
import { designDiscs } from "./design";
import { workDiscs } from "./work";
import { defineCraft } from "../../defineCraft";

/** What comes of it on the wall. */
export const discsCraft = defineCraft({
  design: designDiscs,
  check: checkDiscs,
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
});
