import { capital } from "../../findings/capital";
import type { Speech } from "../../findings/speech";
import { tellMisses } from "../misses";

interface LimeCoat {
  readonly wall: string;
  readonly colour: string;
  readonly coat: number;
  readonly amount: number;
  readonly need: number;
  readonly loads: number;
  readonly front: number;
  readonly open: number;
  readonly hands: number;
  readonly stir: number;
  readonly misses: readonly (readonly [number, number])[];
  /** Of the strokes, those that start where one of the coat before did; null for the first coat. */
  readonly shared: number | null;
}

const minutes = (value: number): string => `${Math.round(value * 10) / 10} min`;

const thin = (told: string | null): string => (told === null ? " noted" : ` (${told})`);

/** What limewash says of its steps. */
export const limewashWords = {
  "lime-coat": (
    { wall, colour, coat, amount, need, loads, front, open, hands, stir, shared, misses }: LimeCoat,
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: coat ${coat} of ${speech.paint(colour)} over ${speech.area(amount)} in one go, ${speech.volume(need)} of one batch in about ${loads} loads of a block brush, spread thin in all directions. One wet front over the whole height moves from end to end${hands > 1 ? `, ${hands} of you on it, one above the other` : ""}: ${minutes(front)} an arm's reach, and its edge stays wet for ${minutes(open)}. Stir every ${stir} min. ${
      shared === null
        ? "Leave alone what has set; note thin places for the next coat."
        : `Start its strokes between those of the coat before (at most ${Math.ceil(shared * 100)} % may meet); the thin places${thin(tellMisses(misses, speech))} come first into the front.`
    } Wet it looks far darker: judge only a dry board.`,
  "ready-lime": () =>
    "Goggles, long gloves and sleeves; water at hand to rinse eyes at length; block brush soaked; windows shaded, draught shut out.",
  "why-block-brush": () => "a large soft one, lightly charged",
  "why-goggles": () => "lime burns eyes; it is never harmless",
  "why-gloves": () => "lime burns skin; long ones, over the sleeves",
};

/** What limewash says of what it found. */
export const limewashFindings = {
  "lime-on-boards": ({ wall }: { wall: string }, speech: Speech) => ({
    say: `${capital(speech.wall(wall))} is of boards, which move: limewash flakes off at their joints.`,
    remedy: "Whitewash the boards with thinned paint instead, or line the wall first.",
  }),
};
