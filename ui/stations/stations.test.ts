import { expect, it } from "vitest";
import { sheetsAtHand, stencilLibrary } from "@/core/stencil/library";
import { plan } from "@/core/job/plan";
import type { Plan } from "@/core/plan/planTypes";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { allFinishes } from "@/core/finishes/registry";
import { stripOfFinish } from "@/core/job/wallsOfFinish";
import { stations } from "./registry";
import type { Seen } from "./station";

const seen = (whole: Plan, isMarked: Seen["isMarked"] = () => false): Seen => ({
  plan: whole,
  wall: whole.walls[0]!,
  isMarked,
});
const standingOf = (slug: string, of: Seen) =>
  stations.find((station) => station.slug === slug)!.standing(of);

it("are numbered one to the last without a hole, in working order", () => {
  expect(stations.map(({ number }) => number)).toEqual(stations.map((_, index) => index + 1));
  expect(stations.map(({ slug }) => slug)).toEqual([
    "measure",
    "pattern",
    "colour",
    "buy",
    "days",
    "mark",
    "paint",
  ]);
});

it("Pattern is done for every finish as it is first laid out, and not for a bare wall", () => {
  const bare = oneWall({ width: 4000, height: 2600 }, {}, { finishes: [] });
  expect(standingOf("pattern", seen(plan(parsed(bare))))).toBeNull();
  const job = parsed(bare);
  for (const finish of allFinishes) {
    const strip = stripOfFinish(job, { on: "w" });
    const start = finish.start(
      strip,
      job.paints.map(({ id }) => id),
      "oyster",
      sheetsAtHand([]),
    );
    const finishes = [{ id: "f", on: "w", kind: finish.kind, ...start }];
    const document = { ...bare, stencils: stencilLibrary, finishes };
    const standing = standingOf("pattern", seen(plan(parsed(document))));
    // Done, or something to decide about it; never as if the wall were bare.
    expect([finish.kind, standing === null]).toEqual([finish.kind, false]);
  }
});

it("tell what is to decide, what stops, and what is done, from the plan's own data", () => {
  const document = oneWall({}, { fit: { by: "count", count: 5 } });
  const whole = plan(parsed(document));
  expect(standingOf("measure", seen(whole))).toEqual({ kind: "done" });
  expect(standingOf("mark", seen(whole))).toBeNull();
  expect(
    standingOf(
      "mark",
      seen(whole, () => true),
    ),
  ).toEqual({ kind: "done" });
  // Undated days are not planned yet; a date makes them so.
  expect(standingOf("days", seen(whole))).toBeNull();
  const dated = plan(parsed({ ...document, work: { start: "2027-01-11" } }));
  expect(standingOf("days", seen(dated))).toEqual({ kind: "done" });
  const cold = plan(parsed({ ...document, work: { temperature: 2 } }));
  // A room that is too cold stops the days, and is nothing for Buy or Pattern to tell.
  expect(standingOf("days", seen(cold))).toEqual({ kind: "stop" });
  expect(standingOf("buy", seen(cold))?.kind).not.toBe("stop");
  expect(standingOf("pattern", seen(cold))).toEqual(standingOf("pattern", seen(whole)));
  // No tins are listed for kelp: that is Buy's to decide.
  const noTins = plan(parsed({ ...document, paints: [{ id: "oyster" }, { id: "kelp" }] }));
  expect(standingOf("buy", seen(noTins))).toMatchObject({ kind: "check" });
  const outside = { id: "p", kind: "plate", x: 99_000, y: 100, width: 80, height: 80 };
  const slipped = plan(parsed(oneWall({ fixtures: [outside] }, { fit: { by: "count", count: 5 } })));
  expect(standingOf("measure", seen(slipped))).toEqual({ kind: "check", count: 1 });
});
