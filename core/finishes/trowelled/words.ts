import { listed } from "../../findings/listed";
import type { Speech } from "../../findings/speech";
import type { Drift, habitOf } from "./drift";

interface Tones {
  readonly tones: readonly { readonly paint: string; readonly share: number }[];
  readonly bare: number;
}
interface Sections extends Tones {
  readonly wall: string;
  readonly coat: number;
  readonly amount: number;
  readonly sections: number;
  readonly each: number;
  readonly open: number;
  readonly need: number;
  /** Sides set before the next column comes; this coat stands half a column over the one before. */
  readonly isFeathered: boolean;
  readonly isOver: boolean;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const tenth = (value: number): string => String(Math.round(value * 10) / 10);
const inShares = ({ tones, bare }: Tones, speech: Speech): string =>
  `${listed(tones.map(({ paint, share }) => `${Math.round(share * 100)} % ${speech.paint(paint)}`))}${bare > 0 ? `, ${Math.round(bare * 100)} % of the ground left bare` : ""}`;

/** What trowelled metallic says of its steps. */
export const trowelledWords = {
  "trowel-first": (
    { wall, amount, each, ...tones }: Tones & { wall: string; amount: number; each: number },
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: the first section alone, ${speech.area(amount)} in ${tenth(each)} min, at a top corner: ${inShares(tones, speech)}. Hold the sample beside it, look from the doorway, ask the client, and write the answer down. Only then the rest; feather its edges meanwhile.`,
  "trowel-coat": (
    { wall, coat, amount, sections, each, open, need, isFeathered, isOver, ...tones }: Sections,
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: coat ${coat}, ${speech.area(amount)} in ${sections} ${sections === 1 ? "section" : "sections"} of an arm's reach, each in ${tenth(each)} min and joined to the one above while that is wet (${tenth(open)} min); each column downwards, then the next one from the top${isFeathered ? ", over a side that was drawn out thin and ragged, since it has set by then" : ", while the side of this one is wet"}. Spreader nearly flat, ${speech.volume(need)} in all: ${inShares(tones, speech)}. Step back after every section: where it has turned darker, lighter or heavier, take less of that in the next one.${isOver ? " Its columns stand half a column over those of the coat before." : coat > 1 ? " Lay its joins beside those of the coat before." : ""}${
      coat > 1 && tones.bare > 0
        ? ` Leave bare what is bare: laid afresh, ${percent(tones.bare ** 2)} of the ground would be left.`
        : ""
    }`,
  "trowel-edge": ({ wall, amount, edge }: { wall: string; amount: number; edge: string }, speech: Speech) =>
    `${speech.wall(wall)}: the edges as a pass of their own, ${speech.run(amount)} in ${speech.paint(edge)}, right into corners and along the top.`,
  "ready-trowel": ({ sample }: { sample: boolean }) =>
    `Spreaders with rounded corners, washed and dry; a board for each tone${sample ? "; the approved sample, and when the client can come" : ""}.`,
  "why-spreader": () => "one a tone, with rounded corners",
};

/** What trowelled metallic says of what it found. */
export const trowelledFindings = {
  "edge-not-a-tone": ({ edge }: { edge: string }, speech: Speech) => ({
    say: `The edges are in ${speech.paint(edge)}, which is none of the tones: they frame the wall.`,
    remedy: "Take one of the tones, unless a frame is what is wanted.",
  }),
  "sections-drift": ({ part, laid, planned, next, sections }: Drift, speech: Speech) => {
    const what = part === "bare" ? "the bare ground" : speech.paint(part.paint);
    return {
      say: `${percent(laid)} of what is laid is ${what}, where ${percent(planned)} is planned: the wall turns into another than the sample.`,
      remedy: `Lay the next section with ${percent(next)} of it, not less at once, or its join shows.${
        sections === null
          ? " What is bare already is closed in the next coat."
          : ` Going on down by steps as small, and then a little under the plan, the whole is even after ${sections} ${sections === 1 ? "section" : "sections"}.`
      }`,
    };
  },
  "sections-habit": ({ habit }: { habit: NonNullable<ReturnType<typeof habitOf>> }) => ({
    say: `The last two sections ${habit === "one-way" ? "have their strokes all one way" : `were laid ${habit} than planned`}.`,
    remedy: {
      heavier:
        "Take half as much onto the spreader and hold it flatter; scrape off what stands before it sets.",
      lighter:
        "Take a little more onto the spreader and stop pressing: the ground shines through thin marks.",
      "one-way": "Turn the wrist at every mark, and start the next section from its other side.",
    }[habit],
  }),
};
