import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { seenColours } from "../look/seenColours";

const paints = ["joint", "drift", "slate", "brine"].map((id) => ({ id, name: id }));

function seenOf(document: object) {
  const parsed = parseJob({ format: "jacaranda-job/1", name: "j", ...document });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  const whole = plan(parsed.job);
  const seen = seenColours(parsed.job.walls[0]!, whole.walls[0]!);
  const all = seen.colours.reduce((sum, { area_m2 }) => sum + area_m2, 0);
  const of = (paint: string) => seen.colours.find(({ colour }) => colour === paint)!;
  return { ...seen, all, of, shareOf: (paint: string) => of(paint).area_m2 / all };
}

it("takes what is stamped and printed out of what it lies on, whatever edges leave of it", () => {
  // 34 courses of 14 whole faces of 215 x 65 and pieces of 184.8 and 72.3: 7.220 of 8.666 m2.
  const bricks = seenOf({
    paints,
    walls: [{ id: "w", width: 3417, height: 2536, base: "joint" }],
    finishes: [
      {
        id: "f",
        kind: "brick",
        on: "w",
        way: "stamped",
        face: { width: 215, height: 65 },
        joint: 10,
        bond: "half",
        start: "best",
        colour: "drift",
        accents: [{ colour: "slate", share: 0.1 }],
      },
    ],
  });
  expect(1 - bricks.shareOf("joint")).toBeCloseTo(7.2203 / 8.6655, 2);
  expect(bricks.of("drift").pieces + bricks.of("slate").pieces).toBe(34 * 16);

  // 28 whole prints of 0.0576 m2 and 21 parts, which come to 7.453 more of them: worked column by column on paper.
  const printed = seenOf({
    paints,
    stencils: [
      {
        id: "reed",
        repeat: { x: 370, y: 520 },
        overlays: [{ id: "1", cuts: [{ slot: "leaf", path: "M -80 -180 L 80 -180 L 80 180 L -80 180 Z" }] }],
      },
    ],
    walls: [{ id: "w", width: 2890, height: 2450, base: "joint" }],
    finishes: [
      {
        id: "f",
        kind: "stencil-field",
        on: "w",
        stencil: "reed",
        layout: "half-drop",
        start: { x: "centre", y: "top" },
        colours: { leaf: "brine" },
        method: "roller",
      },
    ],
  });
  expect(printed.shareOf("brine")).toBeCloseTo((35.453 * 0.0576) / (2.89 * 2.45), 2);
  expect(printed.all).toBeCloseTo(2.89 * 2.45, 1);
});

it("parts broken colour by the shares of its tones, and tells along how much two colours touch", () => {
  const metal = seenOf({
    paints: [
      ...paints,
      { id: "gilt", material: "metallic-plaster" },
      { id: "copper", material: "metallic-plaster" },
    ],
    walls: [{ id: "w", width: 2870, height: 2451, base: "drift" }],
    finishes: [
      {
        id: "f",
        kind: "trowelled",
        on: "w",
        tones: [
          { paint: "gilt", share: 3 },
          { paint: "copper", share: 2 },
        ],
        bare: 0.1,
        edge: "gilt",
      },
    ],
  });
  expect(["gilt", "copper", "drift"].map(metal.shareOf).map((share) => share.toFixed(6))).toEqual([
    "0.540000",
    "0.360000",
    "0.100000",
  ]);

  // Fifteen stripes on 139 by 98 in: fourteen lines of 98 in, four of which a window of 48 in interrupts.
  const striped = seenOf({
    units: "imperial",
    paints,
    walls: [
      {
        id: "w",
        width: "139 in",
        height: "98 in",
        base: "joint",
        openings: [{ id: "o", kind: "window", x: "50 in", y: "32 in", width: "36 in", height: "48 in" }],
      },
    ],
    finishes: [
      { id: "f", kind: "stripes", on: "w", colours: ["brine", "joint"], fit: { by: "count", count: 15 } },
    ],
  });
  const inch = 0.0254;
  const opening = 36 * 48;
  expect(striped.all).toBeCloseTo((139 * 98 - opening) * inch ** 2, 6);
  expect(striped.edges).toHaveLength(1);
  expect(striped.edges[0]!.between).toEqual(["brine", "joint"]);
  expect(striped.edges[0]!.length_m / ((14 * 98 - 4 * 48) * inch)).toBeCloseTo(1, 2);
});

it("sees all of the demo: no colour of less than nothing, and every wall whole", () => {
  const parsed = parseJob(JSON.parse(readFileSync("docs/examples/ferry-landing-upper-rooms.json", "utf8")));
  if (!parsed.ok) throw new Error("the demo does not hold");
  const whole = plan(parsed.job);
  for (const wall of parsed.job.walls) {
    const planned = whole.walls.find(({ id }) => id === wall.id)!;
    const { colours } = seenColours(wall, planned);
    const painted = planned.regions.reduce((sum, { area_m2 }) => sum + area_m2, 0);
    const seen = colours.reduce((sum, { area_m2 }) => sum + area_m2, 0);
    expect(Math.min(...colours.map(({ area_m2 }) => area_m2))).toBeGreaterThanOrEqual(0);
    expect(seen / painted, wall.id).toBeCloseTo(1, 1);
  }
});
