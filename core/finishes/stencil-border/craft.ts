import type { Speech } from "../../findings/speech";
import { overlaysOf } from "../stencilMotif";
import { workPrints } from "../workPrints";
import { checkStencilBorder } from "./check";
import { designStencilBorder } from "./design";
import { defineCraft } from "../defineCraft";

interface Stretch {
  readonly name: string;
  readonly length: number;
  readonly repeats: number;
  readonly stretch: number;
  readonly repeat: number;
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
  legs: ({ legs }) => legs,
  work: (share, site) => {
    const { sheet, corner, spec } = share.layout;
    const sheets = corner ? [sheet, corner.sheet] : [sheet];
    const overlays = [...new Set(sheets.flatMap(overlaysOf))];
    const passes = spec.order === "repeat" ? [overlays] : overlays.map((overlay) => [overlay]);
    return workPrints(share, { sheets, passes, by: "repeat" }, site);
  },
  findings: {
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
    "stretch-shows": ({ name, length, repeats, stretch, repeat, verdict }: Stretch, speech: Speech) => ({
      say: `${name[0]!.toUpperCase()}${name.slice(1)}, ${repeats === 1 ? "one repeat" : `${repeats} repeats`} of ${speech.length(repeat)} ${repeats === 1 ? "does" : "do"} not meet ${speech.length(length)}: each is ${speech.error(Math.abs(stretch))} ${stretch > 0 ? "longer" : "shorter"}, which ${verdict}.`,
      remedy:
        "Widen the gap around it a little, keep the repeat and hide the part prints in a corner, or set a corner motif.",
    }),
  },
});
