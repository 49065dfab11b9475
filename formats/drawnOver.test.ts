import { expect, it } from "vitest";
import { layOutJob } from "@/core/job/layOutJob";
import { parsed } from "@/core/job/tests/jobs";
import { drawSvg } from "./svg";

const drawn = (finishes: object[], wall: object = {}) =>
  drawSvg(
    layOutJob(
      parsed({
        format: "jacaranda-job/1",
        name: "Over",
        paints: [
          { id: "oyster", hex: "#e9e2d0" },
          { id: "kelp", hex: "#4c5b45" },
          { id: "sand", hex: "#a08356", material: "metallic-plaster" },
          { id: "rope", hex: "#c7a767", material: "metallic-plaster" },
        ],
        walls: [{ id: "w", width: 2000, height: 1000, base: "oyster", skirting: 100, ...wall }],
        finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
      }),
    ),
  );

it("tints of broken colour lie on what they are over, each tone as thin as leaves all to be seen by their shares", () => {
  const svg = drawn([
    { kind: "stripes", fit: { by: "count", count: 4 }, colours: ["oyster", "kelp"] },
    {
      kind: "trowelled",
      over: "kelp",
      tones: [
        { paint: "sand", share: 3 },
        { paint: "rope", share: 1 },
      ],
      bare: 0,
    },
  ]);
  const tints = [
    ...svg.matchAll(/<path class="tint f1"[^>]*data-paint="(\w+)"[^>]*fill-opacity="([\d.]+)"/g),
  ].map(([, paint, opacity]) => [paint, Number(opacity)]);
  // Two kelp stripes. All of the first tone, a quarter of the second over it: 3 and 1 of 4.
  expect(tints).toEqual([
    ["sand", 1],
    ["sand", 1],
    ["rope", 0.25],
    ["rope", 0.25],
  ]);
});

it("sheets of paper are cut off at trim and ceiling, and have their rolls", () => {
  const svg = drawn([{ kind: "paper", roll: { width: 600, length: 5000 }, hex: "#123456" }]);
  expect(svg).toMatch(
    /<clipPath id="w-papered"><path d="M0 -100L2000 -100L2000 -1000L0 -1000Z"\/><\/clipPath>/,
  );
  const sheets = [
    ...svg.matchAll(/<path class="paper" clip-path="url\(#w-papered\)" data-sheet="(\d)" data-roll="(\d)"/g),
  ].map(([, sheet, roll]) => [sheet, roll]);
  // Four sheets of 900 and twice 50: five to a roll.
  expect(sheets).toEqual([
    ["1", "1"],
    ["2", "1"],
    ["3", "1"],
    ["4", "1"],
  ]);
});

it("course lines and seams are drawn also where another finish lies on the wall", () => {
  const svg = drawn([
    { kind: "bands", bands: [{ from: 700, to: 800, colour: "kelp" }] },
    { kind: "brick", colour: "kelp", face: { width: 228, height: 68 } },
    { kind: "paper", roll: { width: 600, length: 5000 } },
  ]);
  expect(svg).toMatch(/<path class="line" data-id="w\/f1\/course-1"/);
  expect(svg).toMatch(/<path class="line" data-id="w\/f2\/seam-1"/);
});
