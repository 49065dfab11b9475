import type { Speech } from "../../findings/speech";
import { overlaysOf } from "../stencilMotif";
import { readEvery } from "../registerDrift";
import { workPrints } from "../workPrints";
import { checkStencilBorder } from "./check";
import { designStencilBorder } from "./design";
import { offerOrders } from "./offers";
import { defineCraft } from "../defineCraft";

interface BorderFit {
  readonly name: string;
  readonly length: number;
  readonly repeats: number;
  readonly stretch: number;
  readonly repeat: number;
  readonly verdict: string;
  readonly way: "around" | "inside" | "along";
  /** How far off all sides would meet unseen. */
  readonly meetsAt: number | null;
}

/** What may be done where whole repeats do not meet. */
function meet({ way, meetsAt }: BorderFit, speech: Speech): string {
  if (way === "along") return "Keep the repeat, and let the part prints end where they are seen least.";
  const off = way === "around" ? "off it" : "off the edges";
  return meetsAt === null
    ? `Set it a little further ${off}, keep the repeat and hide the part prints in a corner, or set a corner motif.`
    : `Set it ${speech.length(meetsAt)} ${off}: whole repeats meet on every side then, unseen. Or keep the repeat and hide the part prints in a corner, or set a corner motif.`;
}

interface Follows {
  /** Up, from left to right. */
  readonly rise: number;
  readonly length: number;
  /** Of the wedge that would be over a level one. */
  readonly verdict: string;
}

interface KeptParts {
  readonly legs: number;
  readonly most: number;
  readonly isUnseen: boolean;
  readonly end: "left" | "right";
  readonly door: string | null;
}

/** What comes of it on the wall. */
export const stencilBorderCraft = defineCraft({
  design: designStencilBorder,
  check: checkStencilBorder,
  offers: offerOrders,
  legs: ({ legs }) => legs,
  work: (share, site) => {
    const { sheet, corner, spec } = share.layout;
    const sheets = corner ? [sheet, corner.sheet] : [sheet];
    const overlays = [...new Set(sheets.flatMap(overlaysOf))];
    const passes = spec.order === "repeat" ? [overlays] : overlays.map((overlay) => [overlay]);
    const every = readEvery(sheet.stencil.repeat.x, share.layout.context);
    const isStretched = share.layout.legs.some(({ stretch }) => Math.abs(stretch) > 0.05);
    const carried = every > 1 ? { every, isStretched } : null;
    return workPrints(share, { sheets, passes, by: "repeat", carried }, site);
  },
  findings: {
    "follows-ceiling": ({ rise, length, verdict }: Follows, speech: Speech) => ({
      say: `It follows the ceiling, and so ${rise > 0 ? "climbs" : "falls"} ${speech.length(Math.abs(rise))} over ${speech.run(length / 1000)} from left to right.`,
      remedy:
        verdict === "won't show"
          ? "Strike it level: the wedge over it won't show, and it agrees with all else that is level."
          : `No wedge shows over it, but it is out of level beside door heads and shelves. Level, the wedge over it ${verdict}.`,
    }),
    "corners-overprint": ({ side }: { side: number }, { length }: Speech) => ({
      say: `Where legs butt at a corner the prints of both lie over each other, up to ${length(side)} deep: it is printed twice, and reads as a knot of paint.`,
      remedy:
        "Mitre the corners, set a motif of their own there, or leave a gap wider than that in the sheet's ends.",
    }),
    "kept-parts": ({ legs, most, isUnseen, end, door }: KeptParts, { error }: Speech) => ({
      say: `Kept repeats end in parts on ${legs === 1 ? "one leg" : `${legs} legs`}.`,
      remedy: isUnseen
        ? `Stretch every repeat, by ${error(most)} at most: whole ones meet then, and nobody sees it.`
        : `Let them run on around the corners, and hide the only part print at the ${end} end${door ? `, beside ${door}, behind whoever comes in` : ""}.`,
    }),
    "stretch-shows": (stretched: BorderFit, speech: Speech) => {
      const { name, length, repeats, stretch, repeat, verdict } = stretched;
      return {
        say: `${name[0]!.toUpperCase()}${name.slice(1)}, ${repeats === 1 ? "one repeat" : `${repeats} repeats`} of ${speech.length(repeat)} ${repeats === 1 ? "does" : "do"} not meet ${speech.length(length)}: each is ${speech.error(Math.abs(stretch))} ${stretch > 0 ? "longer" : "shorter"}, which ${verdict}.`,
        remedy: meet(stretched, speech),
      };
    },
  },
});
