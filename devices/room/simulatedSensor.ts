import { createRandom, normalFrom } from "../random";
import { waitFor } from "../waitFor";
import type { RoomSensor } from "./roomSensor";

interface Setup {
  readonly seed: string;
  /** Minutes after midnight: rooms are coldest before dawn and warmest after noon. */
  readonly minuteOfDay: () => number;
  readonly wait?: typeof waitFor;
}

const readingMs = 700;
/** About one reading in so many does not come through. */
const lostShare = 0.06;

/**
 * A stand-in for a room sensor: a room that is 16 C at 4 in the morning and 20 C at 4 in the afternoon, the damper the
 * colder, a little unsure, and now and then out of reach. The same seed gives the same noise.
 */
export function createSimulatedSensor({ seed, minuteOfDay, wait = waitFor }: Setup): RoomSensor {
  const random = createRandom(`${seed} sensor`);
  return {
    name: "Simulated room sensor",
    async read(signal) {
      await wait(readingMs, signal);
      const [chance, noise] = [random(), normalFrom(random)];
      if (chance < lostShare) throw new Error("The sensor did not answer. Hold it nearer and read again.");
      // A triangle over the day is near enough to how a room warms.
      const sinceFour = (((minuteOfDay() - 4 * 60) % 1440) + 1440) % 1440;
      const warmth = 1 - Math.abs(sinceFour - 720) / 720;
      const temperature = 16 + 4 * warmth + 0.2 * noise;
      const humidity = 68 - 4 * (temperature - 16) + noise;
      return { temperature: Math.round(temperature * 10) / 10, humidity: Math.round(humidity) };
    },
  };
}
