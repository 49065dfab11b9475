import { createRandom, normalFrom } from "../random";
import { waitFor } from "../waitFor";
import type { LaserMeter } from "./laserMeter";
import type { Room } from "./simulatedRoom";

interface Setup {
  readonly room: Room;
  readonly seed: string;
  /** Waits so many ms; given so that tests need not. Rejects when the signal aborts. */
  readonly wait?: (ms: number, signal: AbortSignal) => Promise<void>;
}

/** A hand-held shot is this unsure, mm; one in so many goes through an open door. */
const deviationMm = 0.6;
const missShare = 0.07;
const pairMs = 900;
const shotMs = { least: 250, more: 450 } as const;

/**
 * A stand-in for a laser measure: it pairs, takes a moment for each reading, is about half a millimetre unsure, and now
 * and then finds nothing to reflect it. The same seed gives the same readings.
 */
export function createSimulatedLaser({ room, seed, wait = waitFor }: Setup): LaserMeter {
  const random = createRandom(`${seed} laser`);
  let isPaired = false;
  return {
    name: "Simulated laser",
    async pair(signal) {
      await wait(pairMs, signal);
      isPaired = true;
    },
    async shoot(aim, signal) {
      if (!isPaired) throw new Error("The laser is not paired.");
      await wait(shotMs.least + shotMs.more * random(), signal);
      const [chance, noise] = [random(), normalFrom(random) * deviationMm];
      if (chance < missShare) {
        return { kind: "miss", reason: "Out of range: the beam went through an open door. Aim again." };
      }
      return { kind: "reading", mm: Math.round((room(aim) + noise) * 10) / 10 };
    },
  };
}
