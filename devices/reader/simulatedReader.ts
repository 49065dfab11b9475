import { createRandom, normalFrom } from "../random";
import { waitFor } from "../waitFor";
import type { ColourReader, SpotReading } from "./colourReader";

interface Setup {
  readonly seed: string;
  /** What it is held to. */
  readonly surface: SpotReading;
  readonly wait?: typeof waitFor;
}

const readingMs = 450;
/** About one spot in so many is not read, and one in so many lies on a fold, a seam or dirt. */
const lostShare = 0.05;
const astrayShare = 0.1;
/** How far spots of one surface are apart, and how far those that went astray. */
const [noise, astray] = [0.6, 9] as const;

/** A stand-in for a reader of colours: a surface of one colour, never twice the same, now and then astray. The same seed gives the same noise. */
export function createSimulatedReader({ seed, surface, wait = waitFor }: Setup): ColourReader {
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
      return {
        l: tenths(surface.l + noise * l - down),
        a: tenths(surface.a + noise * a),
        b: tenths(surface.b + noise * b),
      };
    },
  };
}
