import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";
import { digitOf, lightOf, type Light } from "../look/colours";
import { cloud, scatter } from "../look/noise";
import { Raster } from "../look/raster";
import { sceneOf } from "../look/scene";
import { litColour } from "../look/litColour";
import { drawTile, lightAtHour, tilesOf, type View } from "../look/views";

const document = (finishes: object[], wall: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Look",
  paints: [
    { id: "base", hex: "#505a64" },
    { id: "red", hex: "#c83232" },
    { id: "gold", hex: "#c8a03c", material: "metallic-plaster" },
    { id: "pale", hex: "#f0e6d2", material: "metallic-plaster" },
    { id: "mist", hex: "#e6ebee", material: "pearl-coat" },
  ],
  walls: [{ id: "w", width: 2000, height: 1500, base: "base", ...wall }],
  finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
});
function sceneFor(finishes: object[], wall: object = {}) {
  const job = parsed(document(finishes, wall));
  return sceneOf({ wall: job.walls[0]!, plan: plan(job).walls[0]!, paints: job.paints });
}
const square = (width: number, height: number): View => ({
  from: { kind: "square" },
  lighting: { by: "day", from: "left" },
  width,
  height,
});
/** The whole picture, put together from its parts. */
function draw(scene: ReturnType<typeof sceneOf>, view: View): Uint8ClampedArray {
  const whole = new Uint8ClampedArray(view.width * view.height * 4);
  for (const tile of tilesOf(view)) {
    const pixels = drawTile(scene, view, tile);
    for (let row = 0; row < tile.height; row++)
      whole.set(
        pixels.subarray(row * tile.width * 4, (row + 1) * tile.width * 4),
        ((tile.y + row) * view.width + tile.x) * 4,
      );
  }
  return whole;
}
/** How much of each of three lights makes a fourth (Cramer). */
function solve(lights: readonly (readonly number[])[], made: readonly number[]): number[] {
  const volume = ([a, b, c]: readonly (readonly number[])[]) =>
    a![0]! * (b![1]! * c![2]! - b![2]! * c![1]!) -
    a![1]! * (b![0]! * c![2]! - b![2]! * c![0]!) +
    a![2]! * (b![0]! * c![1]! - b![1]! * c![0]!);
  return lights.map((_, own) => volume(lights.map((one, at) => (at === own ? made : one))) / volume(lights));
}
const pixelAt = (pixels: Uint8ClampedArray, view: View, x: number, y: number) => [
  ...pixels.subarray((y * view.width + x) * 4, (y * view.width + x) * 4 + 3),
];

it("colours come back as they went", () => {
  for (let digit = 0; digit < 256; digit++) {
    const hex = digit.toString(16).padStart(2, "0");
    expect(lightOf(`#${hex}${hex}${hex}`).map(digitOf)).toEqual([digit, digit, digit]);
  }
});

it("scatters evenly, and clouds about a half", () => {
  const tenths = new Array<number>(10).fill(0);
  let sum = 0;
  for (let x = 0; x < 100; x++)
    for (let y = 0; y < 100; y++) {
      tenths[Math.floor(scatter(x, y, 7) * 10)]!++;
      sum += cloud(x / 3.7, y / 3.7, 5);
    }
  for (const count of tenths) expect(Math.abs(count - 1000)).toBeLessThan(150);
  expect(sum / 10_000).toBeCloseTo(0.5, 1);
});

it("fills as many cells as the area of a shape with a hole, to within its edge", () => {
  const corner = fc.tuple(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 0, max: 300 }));
  fc.assert(
    fc.property(corner, corner, fc.integer({ min: 60, max: 200 }), ([x, y], [hx, hy], size) => {
      const raster = new Raster({ minX: 0, maxX: 700, minY: 0, maxY: 600 }, 1);
      const box = (left: number, low: number, side: number): [number, number][] => [
        [left, low],
        [left + side, low],
        [left + side, low + side],
        [left, low + side],
      ];
      const [inX, inY] = [x + 10 + (hx % (size - 50)), y + 10 + (hy % (size - 50))];
      raster.fill([box(x, y, size), box(inX, inY, 30)], 3);
      expect(raster.cells.filter((cell) => cell === 3).length).toBe(size * size - 900);
      expect([raster.at(x + 1, y + 1), raster.at(inX + 5, inY + 5)]).toEqual([3, 0]);
    }),
  );
});

describe("a wall square on", () => {
  it("shows each stripe in its paint, and an opening as one", () => {
    const opening = { id: "o", kind: "window", x: 800, y: 500, width: 400, height: 400 };
    const scene = sceneFor([{ kind: "stripes", fit: { by: "count", count: 4 }, colours: ["base", "red"] }], {
      openings: [opening],
    });
    const view = square(400, 300);
    const pixels = draw(scene, view);
    // 5 mm a pixel: the second stripe of 500 mm is pixels 100 to 199.
    const [r, g] = pixelAt(pixels, view, 150, 20) as [number, number];
    expect(r).toBeGreaterThan(g * 3);
    const [glassR, , glassB] = pixelAt(pixels, view, 200, 160) as [number, number, number];
    expect(glassB).toBeGreaterThan(glassR);
    expect(glassB).toBeGreaterThan(180);
  });

  it("of the same seed is the same picture, of another seed another", () => {
    const lime = (seed: number) => sceneFor([{ kind: "limewash", paint: "pale", seed }]);
    const view = square(160, 120);
    expect(draw(lime(3), view)).toEqual(draw(lime(3), view));
    expect(draw(lime(3), view)).not.toEqual(draw(lime(4), view));
  });

  it("shows trowelled tones in the plan's shares, recounted from its pixels", () => {
    const tones = [
      { paint: "gold", share: 3 },
      { paint: "pale", share: 2 },
    ];
    const mixed = (a: Light, b: Light, share: number) => a.map((one, at) => one + (b[at]! - one) * share);
    const [grey, gold, pale] = ["#505a64", "#c8a03c", "#f0e6d2"].map(lightOf) as [Light, Light, Light];
    // What is scraped over everything is on all of them, as effects.ts says: 0.34 of it on the ground, 0.4 on each tone.
    const all = mixed(gold, pale, 0.4) as unknown as Light;
    const seen = [mixed(grey, all, 0.34), mixed(gold, all, 0.4), mixed(pale, all, 0.4)];
    const light = Array.from(
      { length: 256 },
      (_, digit) => lightOf(`#${digit.toString(16).padStart(2, "0")}0000`)[0],
    );
    for (const [seed, bare] of [
      [1, 0.1],
      [2, 0.25],
    ] as const) {
      const scene = sceneFor([{ kind: "trowelled", tones, bare, seed }]);
      const pixels = draw(scene, square(1000, 750));
      const mean = [0, 1, 2].map((channel) => {
        let sum = 0;
        for (let at = channel; at < pixels.length; at += 4) sum += light[pixels[at]!]!;
        return sum / (1000 * 750);
      });
      // Light adds up: so much of each makes the mean, the tones as bright as they are turned to the lamp.
      const [ground, first, second] = solve(seen, mean);
      expect(Math.abs(ground! - bare)).toBeLessThan(0.02);
      expect(Math.abs(first! / (first! + second!) - 0.6)).toBeLessThan(0.02);
    }
  });

  it("glints where the light comes from", () => {
    const scene = sceneFor([{ kind: "pearl", paint: "mist" }]);
    const brightness = (from: "left" | "right") => {
      const view = { ...square(100, 75), lighting: { by: "day", from } as const };
      const pixels = draw(scene, view);
      const half = (first: number) => {
        let sum = 0;
        for (let y = 0; y < 75; y++)
          for (let x = first; x < first + 50; x++) sum += pixelAt(pixels, view, x, y)[1]!;
        return sum;
      };
      return half(0) / half(50);
    };
    expect(brightness("left")).toBeGreaterThan(1.02);
    expect(brightness("right")).toBeLessThan(0.98);
  });
});

it("daylight is white at noon, and warmer and dimmer the lower the sun stands", () => {
  expect(lightAtHour(13)).toEqual([1, 1, 1]);
  // At 6: (303.03 - 153.85) / (370.37 - 153.85) = 0.689 of the way to the lamp, a quarter of which is seen; 0.62 as bright.
  expect(lightAtHour(6)[2]).toBeCloseTo(0.62 * (1 - 0.6 * 0.689 * 0.25), 4);
  expect(lightAtHour(6)[0]).toBeCloseTo(0.62, 9);
  for (let hour = 13; hour < 20; hour++) {
    const [now, later] = [lightAtHour(hour), lightAtHour(hour + 1)];
    expect(later[1]).toBeLessThan(now[1]);
    expect(later[2] / later[0]).toBeLessThan(now[2] / now[0]);
    expect(lightAtHour(26 - hour)).toEqual(now);
  }
});

it("a colour by a light is what that leaves of it: by the lamp white loses 0.29 / 4 of its green and 0.6 / 4 of its blue", () => {
  expect(litColour("#a0522d", { by: "day", from: "left" })).toBe("#a0522d");
  // The digits are the roots of 1, 0.9275 and 0.85: 255, 245.6, 235.1; of half the digit half of that.
  expect(litColour("#ffffff", { by: "lamp" })).toBe("#fff6eb");
  expect(litColour("#808000", { by: "lamp" })).toBe("#807b00");
});

describe("a wall from where someone stands", () => {
  const view = (x: number): View => ({
    from: { kind: "eye", x, away: 2500, high: 750 },
    lighting: { by: "lamp" },
    width: 400,
    height: 300,
  });
  /** The first and last column of a row that shows the wall's own grey-blue. */
  const reach = (pixels: Uint8ClampedArray, of: View, row: number) => {
    const columns = Array.from({ length: of.width }, (_, x) => x).filter((x) => {
      const [r, , b] = pixelAt(pixels, of, x, row) as [number, number, number];
      return b > r * 1.02;
    });
    return [columns[0]!, columns.at(-1)!] as const;
  };
  const scene = sceneFor([]);

  it("is even seen from its middle, at the height of its middle", () => {
    const pixels = draw(scene, { ...view(1000), lighting: { by: "day", from: "left" } });
    const [left, right] = reach(pixels, view(1000), 150);
    expect(Math.abs(left - (399 - right))).toBeLessThanOrEqual(1);
    // 1000 mm to either side from 2500 away is a slope of 0.4, of the 0.9 that 200 pixels take in.
    expect(Math.abs(right - left + 1 - (400 * 0.4) / 0.9)).toBeLessThanOrEqual(2);
  });

  it("is higher at the end that is nearer, as depth says", () => {
    const day: View = { ...view(0), lighting: { by: "day", from: "left" } };
    const pixels = draw(scene, day);
    const heightAt = (column: number) => {
      let rows = 0;
      for (let y = 0; y < 300; y++) {
        const [r, , b] = pixelAt(pixels, day, column, y) as [number, number, number];
        if (b > r * 1.02) rows++;
      }
      return rows;
    };
    const [left, right] = reach(pixels, day, 150);
    // From 2.5 m before its left end the ends are 2500 and 3202 away; seen along the way to its middle, 2692 long, the depths
    // are 2500 x 2500 / 2692 = 2321 and (2500 x 2500 + 2000 x 1000) / 2692 = 3064.
    expect(heightAt(left + 2) / heightAt(right - 2)).toBeCloseTo(3064 / 2321, 1);
  });
});
