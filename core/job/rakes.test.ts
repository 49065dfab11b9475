import fc from "fast-check";
import { expect, it } from "vitest";
import { runsOf } from "@/core/tests/runsOf";
import { gridOver } from "../fit/fitToRake";
import { joinWalls } from "../wall/strip";
import { buildSurface } from "../wall/surface";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

/** A stair: its floor is level at 0, its ceiling rises from `low` to `high` over its width. */
const stair = (width: number, low: number, high: number) => ({
  width: undefined,
  height: undefined,
  skirting: 0,
  survey: {
    stations: [
      { x: 0, down: 0, up: low },
      { x: width, down: 0, up: high },
    ],
  },
});
const codesOn = (wall: object, finish: object) =>
  plan(parsed(oneWall(wall, finish))).walls[0]!.findings.map(({ code }) => code);
const diamonds = {
  kind: "diamonds",
  columns: { by: "near", width: 410 },
  rows: { by: "near", width: 640 },
  colours: ["kelp"],
};

it("a top that rises steadily is a shape, up to 60 mm a metre an error", () => {
  // 3 m: 180 mm are 60 a metre; 200 are more.
  expect(codesOn(stair(3000, 1500, 1680), diamonds)).toContain("out-of-level");
  for (const high of [1700, 3000]) {
    const codes = codesOn(stair(3000, 1500, high), diamonds);
    expect(codes).not.toContain("out-of-level");
    expect(codes).not.toContain("taper-shows");
  }
});

it("rows that are fitted to a rake meet it in halves or wholes where columns do, near to what was wished for", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1200, max: 6000 }),
      fc.integer({ min: 900, max: 2500 }),
      fc.integer({ min: 300, max: 3000 }),
      fc.integer({ min: 200, max: 700 }),
      fc.integer({ min: 200, max: 900 }),
      (width, low, rise, column, row) => {
        fc.pre(rise > 0.061 * width);
        const job = parsed(oneWall(stair(width, low, low + rise), diamonds));
        const strip = joinWalls(job.walls, (wall) => buildSurface(wall).surface);
        const asked = { columns: { by: "near", width: column }, rows: { by: "near", width: row } } as const;
        const { across, up } = gridOver({ ...asked, fit: { to: "rake" } }, strip);
        const heightAt = (x: number) => low + (rise * x) / width;
        // Every n columns' edge the rake stands a whole number of half rows over the rows' start.
        const halves = Array.from(
          { length: across.count + 1 },
          (_, edge) => (2 * (heightAt(across.start + edge * across.size) - up.start)) / up.size,
        );
        const isWhole = halves.map((half) => Math.abs(half - Math.round(half)) < 1e-6);
        const every = Array.from({ length: 24 }, (_, index) => index + 1).find((n) =>
          isWhole.every((whole, edge) => edge % n !== 0 || whole),
        );
        expect(every).toBeDefined();
        expect(up.start).toBeLessThanOrEqual(1e-6);
        expect(up.start + up.count * up.size).toBeGreaterThanOrEqual(low + rise - 1e-6);
        // Of so many ways one is near, but where the rise over 24 columns is less than half a row.
        if (48 * (rise / width) * across.size > row)
          expect(Math.max(up.size / row, row / up.size)).toBeLessThan(2);
      },
    ),
    runsOf(60),
  );
});

it("a rake that is asked for and is not there is told; slivers at one are, with the fit", () => {
  expect(codesOn({ width: 3000, height: 2400 }, { ...diamonds, fit: { to: "rake" } })).toContain("no-rake");
  expect(codesOn({ width: 3000, height: 2400 }, diamonds)).not.toContain("no-rake");
});
