import { expect, it } from "vitest";
import { allFinishes } from "@/core/finishes/registry";
import { stripOfFinish } from "@/core/job/wallsOfFinish";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { sheetsAtHand } from "@/core/stencil/library";
import { trialOnWall } from "./trialOnWall";

const document = oneWall({ width: 4000, height: 2600 }, { fit: { by: "count", count: 5 } });
const text = JSON.stringify(document);

it("draws a wall with the trial alone, for every finish as it is first laid out", () => {
  const job = parsed(document);
  const strip = stripOfFinish(job, { on: "w" });
  for (const { kind, start } of allFinishes) {
    const spec = {
      id: "offer",
      on: "w",
      kind,
      ...start(
        strip,
        job.paints.map(({ id }) => id),
        "oyster",
        sheetsAtHand([]),
      ),
    };
    const wall = trialOnWall(text, "w", spec)!.wall;
    const finishes = new Set(
      [
        ...wall.regions,
        ...(wall.prints ?? []),
        ...(wall.bricks ?? []),
        ...(wall.sheets ?? []),
        ...(wall.effects ?? []),
      ].map(({ finish }) => finish),
    );
    // What is on the wall now is not under it.
    expect([kind, finishes.has("offer"), finishes.has("f")]).toEqual([kind, true, false]);
  }
});

it("goes around the corner where the trial does, and is none where a spec or a document does not hold", () => {
  const walls = ["u", "v"].map((id) => ({ id, base: "oyster", width: 2000, height: 2400 }));
  const run = { ...document, walls, runs: [{ id: "r", walls: ["u", "v"] }], finishes: [] };
  const bands = { id: "offer", on: "r", kind: "bands", bands: [{ from: 500, to: 900, colour: "kelp" }] };
  for (const wall of ["u", "v"]) {
    const picture = trialOnWall(JSON.stringify(run), wall, bands)!.wall;
    const painted = picture.regions.filter(({ colour }) => colour === "kelp");
    // 2 m by 0.4 m on each wall.
    expect(painted.reduce((sum, { area_m2 }) => sum + area_m2, 0)).toBeCloseTo(0.8, 6);
  }
  expect(trialOnWall(text, "w", { ...bands, kind: "wallpaper" })).toBeNull();
  expect(trialOnWall("{}", "w", bands)).toBeNull();
  expect(trialOnWall(text, "elsewhere", { ...bands, on: "w" })).toBeNull();
});

it("tells what a trial takes by itself, and lies over what is on the wall where that is asked for", () => {
  const stripe = { id: "offer", on: "w", kind: "bands", bands: [{ from: 500, to: 900, colour: "kelp" }] };
  const alone = trialOnWall(text, "w", stripe)!;
  const over = trialOnWall(text, "w", stripe, "finishes")!;
  const finishesOn = ({ wall }: typeof alone) => new Set(wall.regions.map(({ finish }) => finish));
  expect([finishesOn(alone).has("f"), finishesOn(over).has("f")]).toEqual([false, true]);
  const job = parsed({ ...document, finishes: [stripe] });
  const whole = plan(job);
  expect(alone).toMatchObject({ minutes: whole.work!.minutes, days: whole.work!.days, prints: 0 });
  // A band has two edges, each as long as the wall, and laps, tails and masks at the ends.
  expect(alone.tapeM).toBeGreaterThan((2 * job.walls[0]!.width) / 1000);
});
