import { describe, expect, it } from "vitest";
import { wallSchema } from "@/core/wall/schema";
import { summariseShots, type Shot } from "./laserMeter";
import { createSimulatedLaser } from "./simulatedLaser";
import { imaginedRoom, roomOfWall } from "./simulatedRoom";

const { signal } = new AbortController();
const wall = wallSchema.parse({
  id: "w",
  base: "b",
  survey: {
    stations: [
      { x: 0, down: 1200, up: 1400 },
      { x: 3000, down: 1212, up: 1388 },
    ],
    right: [
      { y: -1200, off: 0 },
      { y: 1400, off: 8 },
    ],
  },
});

async function shots(count: number, seed = "a"): Promise<Shot[]> {
  const laser = createSimulatedLaser({ room: roomOfWall(wall), seed, wait: async () => {} });
  await laser.pair(signal);
  const taken: Shot[] = [];
  for (let k = 0; k < count; k++) taken.push(await laser.shoot({ toward: "floor", x: 1500 }, signal));
  return taken;
}

describe("the simulated laser", () => {
  it("reads the surveyed room, about half a millimetre unsure, and misses now and then", async () => {
    const taken = await shots(600);
    const readings = taken.flatMap((shot) => (shot.kind === "reading" ? [shot.mm] : []));
    // Halfway between 1200 and 1212; the mean of 550 readings with a deviation of 0.6 is within 0.1.
    const { mean, spread } = summariseShots(readings)!;
    expect(Math.abs(mean - 1206)).toBeLessThan(0.15);
    expect(spread).toBeGreaterThan(1.5);
    expect(spread).toBeLessThan(7.3);
    const missed = taken.length - readings.length;
    expect(missed).toBeGreaterThan(15);
    expect(missed).toBeLessThan(90);
    expect(await shots(600)).toEqual(taken);
    expect(await shots(20, "b")).not.toEqual(taken.slice(0, 20));
  });

  it("finds ends, and a plausible room where nothing is known yet", () => {
    const room = roomOfWall(wall);
    expect(room({ toward: "right end", y: 100 })).toBeCloseTo(4, 9);
    expect(room({ toward: "far end" })).toBe(3000);
    const imagined = imaginedRoom("nook");
    const height = imagined({ toward: "floor", x: 0 }) + imagined({ toward: "ceiling", x: 0 });
    expect(height).toBeGreaterThan(2200);
    expect(height).toBeLessThan(2750);
  });

  it("is not used before it is paired, and stops when told to", async () => {
    const laser = createSimulatedLaser({ room: roomOfWall(wall), seed: "a" });
    await expect(laser.shoot({ toward: "far end" }, signal)).rejects.toThrow("not paired");
    const stop = new AbortController();
    const pairing = laser.pair(stop.signal);
    stop.abort();
    await expect(pairing).rejects.toThrow("stopped");
  });
});

it("summarises shots by hand: mean of 1200, 1201, 1205 is 1202, spread 5", () => {
  expect(summariseShots([1200, 1201, 1205])).toEqual({ mean: 1202, spread: 5 });
  expect(summariseShots([])).toBeNull();
});
