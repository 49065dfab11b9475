import { capital } from "../../findings/capital";
import { listed } from "../../findings/listed";
import type { Speech } from "../../findings/speech";
import { tellMisses } from "../misses";
import type { Lamp } from "./lamp";

interface PearlCoat {
  readonly wall: string;
  readonly colour: string;
  readonly coat: number;
  readonly amount: number;
  readonly need: number;
  readonly lanes: number;
  readonly direction: "upright" | "level" | "along";
  /** The coat before lies the other way. */
  readonly isSquare: boolean;
  /** Areas that are apart, each rolled by itself. */
  readonly fields: number;
  readonly perLoad: number;
  readonly stir: number;
  readonly lamp: Lamp;
  readonly misses: readonly (readonly [number, number])[];
}

const prefixed = (told: string | null): string =>
  told === null ? " that are marked on the drawing" : `, ${told}`;

function inLanes({
  lanes,
  direction,
  isSquare,
  fields,
}: Pick<PearlCoat, "lanes" | "direction" | "isSquare" | "fields">): string {
  const lane = lanes === 1 ? "lane" : "lanes";
  const how = direction === "along" ? `${lane} along each area` : `${direction} ${lane}`;
  return `in ${lanes} ${how}, none wider than its roller${fields > 1 ? `, ${fields} areas one after the other` : ""}${isSquare ? ", square to the coat before" : ""}`;
}

/** What a pearl coat says of its steps. */
export const pearlWords = {
  "pearl-coat": (
    { wall, colour, coat, amount, need, perLoad, stir, lamp, misses, ...lanes }: PearlCoat,
    speech: Speech,
  ) =>
    `${speech.wall(wall)}: coat ${coat} of ${speech.paint(colour)} over ${speech.area(amount)}, ${speech.volume(need)}, ${inLanes(lanes)}; load again every ${speech.area(perLoad)}. Roll into the wet lane beside it, last strokes one way, and never press the roller's edge: it leaves ropes. Stir every ${stir} min. Lamp at the ${lamp.end} end, ${speech.length(lamp.off)} off the wall and ${speech.length(lamp.high)} up; look along from the other end. ${
      coat === 1
        ? "Mark thin places at Colour, on the wall; they are touched in the next coat only."
        : `Touch the misses${prefixed(tellMisses(misses, speech))}, and nothing else.`
    }`,
  "ready-pearl": () =>
    "Short-nap sleeves, de-fluffed; a lamp on a stand; enough of one batch for both coats.",
  "why-pearl-sleeve": () => "short nap, for pearl and glitter",
};

/** What a pearl coat says of what it found. */
export const pearlFindings = {
  "pearl-on-texture": ({ wall }: { wall: string }, speech: Speech) => ({
    say: `${capital(speech.wall(wall))} is rough: pearl shows every bump, and hides none.`,
    remedy: "Fill and sand it smooth first, or take a finish that hides waves.",
  }),
  "glitter-stirred": () => ({
    say: "Glitter that is stirred into paint sinks, and comes out in patches and streaks.",
    remedy: "Stir every few minutes, or take a coat that is made for it.",
  }),
  "sheens-differ": ({ paints }: { paints: readonly string[] }, speech: Speech) => ({
    say: `The coat lies on ${listed(paints.map((paint) => speech.paint(paint)))}, which differ in sheen; it shows through.`,
    remedy: "Take one sheen for all that it lies on.",
  }),
};
