import { createRandom, normalFrom } from "../random";
import { waitFor } from "../waitFor";
import type { ColourReader, SpotReading } from "./colourReader";

interface Setup {
  readonly seed: string;
  /** What it is held to, as a paint of that colour would be. */
  readonly surface: SpotReading;
  /** Cloth, wood: its dyes are not a paint's pigments, and under a lamp it turns otherwise. */
  readonly isDyed?: boolean;
  readonly wait?: typeof waitFor;
}

const readingMs = 450;
/** About one spot in so many is not read, and one in so many lies on a fold, a seam or dirt. */
const lostShare = 0.05;
const astrayShare = 0.1;
/** How far spots of one surface are apart, and how far those that went astray. */
const [noise, astray] = [0.6, 9] as const;
/** And how far a dye turns under a lamp, along red and green, and along blue and yellow. */
const turn = 3;

/** A stand-in for a reader of colours: a surface of one colour, never twice the same, now and then astray. The same seed gives the same noise. */
export function createSimulatedReader({
  seed,
  surface,
  isDyed = false,
  wait = waitFor,
}: Setup): ColourReader {
  const dye = createRandom(`${seed} dye`);
  const turned = isDyed ? [turn * normalFrom(dye), turn * normalFrom(dye)] : [0, 0];
  const random = createRandom(`${seed} reader`);
  return {
    name: "Simulated colour reader",
    async read(signal) {
      await wait(readingMs, signal);
      const [chance, off] = [random(), random()];
      const [l, a, b] = [normalFrom(random), normalFrom(random), normalFrom(random)];
      if (chance < lostShare) throw new Error("Light got in under the reader. Hold it flat and read again.");
      const down = off < astrayShare ? astray : 0;
      const tenths = (value: number) => Math.round(value * 10) / 10;
      const told = (own: { readonly l: number; readonly a: number; readonly b: number }) => ({
        l: tenths(own.l + noise * l - down),
        a: tenths(own.a + noise * a),
        b: tenths(own.b + noise * b),
      });
      const { lamp } = surface;
      return { ...told(surface), lamp: told({ l: lamp.l, a: lamp.a + turned[0]!, b: lamp.b + turned[1]! }) };
    },
  };
}
