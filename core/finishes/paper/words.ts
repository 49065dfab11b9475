import { capital } from "../../findings/capital";
import type { Speech } from "../../findings/speech";

interface Hung {
  readonly wall: string;
  readonly drops: number;
  readonly stretches: number;
  /** The last sheet of them. */
  readonly sheet: number;
  readonly limit: number;
  /** What is cut over into the corners at the wall's ends, mm; 0 where the sheets run on past them. */
  readonly over: number;
}

/** What paper says of its steps. */
export const paperWords = {
  "paper-cut": (
    { wall, drops, rolls, allowance }: { wall: string; drops: number; rolls: number; allowance: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: pull off the patch; only if it held and brought no paint with it, cut ${drops} ${drops === 1 ? "drop" : "drops"} off ${rolls} ${rolls === 1 ? "roll" : "rolls"} by the cut list${allowance > 0 ? `, ${speech.length(allowance)} over at each end` : ""}; number them on the back, top up. One batch only.`,
  "paper-hang": ({ wall, drops, stretches, sheet, limit, over }: Hung, speech: Speech) =>
    `${speech.wall(wall)}: hang ${drops} ${drops === 1 ? "sheet" : "sheets"}${stretches > 1 ? `, to sheet ${sheet}` : ""}, from the top down: a hand's width of backing off, set to the plumb line, pressed from the middle outwards. Butt the seams, never stretch to close a gap. Read every seam at top, middle and foot; where it is more than ${speech.error(limit)} out, lift and lay it again.${over > 0 ? ` Into the corners cut ${speech.length(over)} over and trim there: a gap of up to ${speech.error(limit)} passes unseen, a lap lifts. What was pulled long goes back within a day and opens it.` : ""} Trim only when it lies without bubbles.`,
  "care-blade": () =>
    "Cut away from yourself along a straightedge; blades that no longer cut go into a closed tin.",
  "care-seams": () =>
    "A day later run a hand along the seams: press again what has lifted, and never stretch a sheet to close one. To take it off one day, warm it and pull slowly, back on itself.",
  "ready-patch": () => "Press a hand's width of the paper on where the wall is seen least.",
  "ready-paper": ({ rolls }: { rolls: number }) =>
    `${rolls} ${rolls === 1 ? "roll" : "rolls"} unrolled and lying flat in the room, all of one batch; straightedge, squeegee with felt, new blades.`,
  "ready-base": () =>
    "The wall dusted, dry and cured: paint that is younger than four weeks comes off with the paper.",
  "table-drops": () => "Cut list",
  "table-seams": () => "Seams to read",
  "why-paper-roll": ({ from }: { from: number }) =>
    `for ${from} ${from === 1 ? "drop" : "drops"}, all of one batch`,
  "why-blades": ({ from }: { from: number }) => `a fresh one every other drop, for ${from} drops`,
  "why-squeegee": () => "to press bubbles out, with felt so that nothing is scratched",
  "why-straightedge": () => "to cut along at ceiling, skirting and casings",
};

/** What paper says of what it found. */
export const paperFindings = {
  "roll-too-short": ({ drop, roll }: { drop: number; roll: number }, { length }: Speech) => ({
    say: `A drop is ${length(drop)} long, and a roll holds ${length(roll)}.`,
    remedy: "Take a longer roll, or leave less spare at the ends.",
  }),
  "narrow-sheet": ({ width, roll }: { width: number; roll: number }, { length }: Speech) => ({
    say: `The sheet at an end is only ${length(width)} wide, of a roll of ${length(roll)}. So narrow a strip is hard to hang plumb, and lifts.`,
    remedy: "Start where both ends come out wider.",
  }),
  "narrow-strip": ({ width, thing }: { width: number; thing: string }, { length }: Speech) => ({
    say: `A strip of only ${length(width)} is left beside ${thing}.`,
    remedy: "Move the seam, so that it meets the edge or clears it.",
  }),
  "seam-on-plate": ({ thing }: { thing: string }) => ({
    say: `A seam runs over ${thing}, where it is seen and lifts first.`,
    remedy: "Move the seams a hand's width, if the ends allow it.",
  }),
  "paper-into-corner": ({ side, out }: { side: string; out: number }, { length }: Speech) => ({
    say: `The ${side} end is ${length(out)} out of plumb, and the first sheet has nothing to spare there: hung to the corner, it would carry that to every seam.`,
    remedy:
      "Hang the first sheet to a plumb line, with some spare into that corner, or start at the truer end.",
  }),
  "paper-on-texture": ({ wall }: { wall: string }, speech: Speech) => ({
    say: `${capital(speech.wall(wall))} is not smooth: paper holds on the tops of its texture only, and shows it.`,
    remedy: "Fill and sand the wall smooth, prime it, and let that cure; or take another wall.",
  }),
};
