import { expect, it } from "vitest";
import { createSimulatedPrices } from "./prices/simulatedPrices";
import { createSimulatedReader } from "./reader/simulatedReader";
import { createSimulatedSensor } from "./room/simulatedSensor";
import { waitFor } from "./waitFor";

const signal = new AbortController().signal;
const atOnce = () => Promise.resolve();

it("the sensor reads a room that is coldest before dawn, the damper the colder, and is lost now and then", async () => {
  const read = async (minute: number) => {
    const sensor = createSimulatedSensor({ seed: "a", minuteOfDay: () => minute, wait: atOnce });
    const readings = await Promise.allSettled(Array.from({ length: 200 }, () => sensor.read(signal)));
    const taken = readings.flatMap((one) => (one.status === "fulfilled" ? [one.value] : []));
    const mean = (of: (reading: (typeof taken)[number]) => number) =>
      taken.reduce((sum, reading) => sum + of(reading), 0) / taken.length;
    return {
      lost: readings.length - taken.length,
      warm: mean((one) => one.temperature),
      damp: mean((one) => one.humidity),
    };
  };
  const [dawn, afternoon] = [await read(240), await read(960)];
  expect(dawn.warm).toBeCloseTo(16, 0);
  expect(afternoon.warm).toBeCloseTo(20, 0);
  expect(dawn.damp).toBeGreaterThan(afternoon.damp + 10);
  expect(dawn.lost).toBeGreaterThan(0);
  expect(dawn.lost).toBeLessThan(40);
});

it("the supplier answers alike for a day, tells how far it is, sells out, and can be stopped", async () => {
  const paints = Array.from({ length: 40 }, (_, index) => ({ id: `p${index}`, sizesMl: [750] }));
  const shares: number[] = [];
  const on = (day: string) =>
    createSimulatedPrices({ seed: "s", day, wait: atOnce }).fetch(
      { paints, sundries: ["brush"] },
      signal,
      (share) => shares.push(share),
    );
  const monday = await on("mon");
  expect(await on("mon")).toEqual(monday);
  expect(await on("tue")).not.toEqual(monday);
  expect(shares.slice(0, 40)).toEqual(paints.map((_, index) => (index + 1) / 40));
  const offers = [...monday.paints.values()].flat();
  expect(offers.map(({ sizeMl }) => sizeMl).slice(0, 4)).toEqual([250, 750, 1000, 2500]);
  expect(offers.some(({ stock }) => stock === 0)).toBe(true);
  // By the litre small tins are the dearer.
  for (const [small, , , large] of monday.paints.values()) {
    expect(small!.price / 250).toBeGreaterThan(large!.price / 2500);
  }
  const controller = new AbortController();
  const slow = createSimulatedPrices({ seed: "s", day: "mon" }).fetch(
    { paints, sundries: [] },
    controller.signal,
    () => controller.abort(),
  );
  await expect(slow).rejects.toThrow("stopped");
  await expect(waitFor(5, controller.signal)).rejects.toThrow("stopped");
});

it("the reader tells a surface's colour within its noise, goes astray now and then, is lost at times, and can be stopped", async () => {
  const surface = { l: 50, a: 5, b: 10, lamp: { l: 51, a: 7, b: 12 } };
  const reader = createSimulatedReader({ seed: "cloth", surface, wait: atOnce });
  const readings = await Promise.allSettled(Array.from({ length: 300 }, () => reader.read(signal)));
  const spots = readings.flatMap((one) => (one.status === "fulfilled" ? [one.value] : []));
  expect(readings.length - spots.length).toBeGreaterThan(0);
  expect(readings.length - spots.length).toBeLessThan(45);
  const astray = spots.filter(({ l }) => l < 46);
  expect(astray.length).toBeGreaterThan(5);
  const own = spots.filter((spot) => !astray.includes(spot));
  const mean = own.reduce((sum, { l }) => sum + l, 0) / own.length;
  expect(mean).toBeCloseTo(50, 0);
  // A dye turns under the lamp by as much in each spot; by day it is the same.
  const dyed = createSimulatedReader({ seed: "cloth", surface, isDyed: true, wait: atOnce });
  const turned = (await Promise.allSettled(Array.from({ length: 50 }, () => dyed.read(signal)))).flatMap(
    (one, at) => {
      const plain = readings[at]!;
      return one.status === "fulfilled" && plain.status === "fulfilled"
        ? [[one.value, plain.value] as const]
        : [];
    },
  );
  for (const [one, plain] of turned) {
    expect(one.a).toBe(plain.a);
    expect(one.lamp.a - plain.lamp.a).toBeCloseTo(turned[0]![0].lamp.a - turned[0]![1].lamp.a, 0);
  }
  expect(Math.abs(turned[0]![0].lamp.a - turned[0]![1].lamp.a)).toBeGreaterThan(0.2);
  const stop = new AbortController();
  const held = createSimulatedReader({ seed: "cloth", surface }).read(stop.signal);
  stop.abort();
  await expect(held).rejects.toThrow();
});
