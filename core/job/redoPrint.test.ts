import { expect, it } from "vitest";
import { redoPrint } from "./redoPrint";
import { speechOf } from "./speechOf";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";
import { document } from "./tests/stencils";

/** A line and a dot in two overlays every 400 along a level line; a print is 400 by 120, so its height tells what shows. */
const job = parsed(
  document(
    {
      kind: "stencil-border",
      stencil: "dash",
      colours: { line: "kelp", dot: "brine" },
      along: { level: 1500 },
    },
    {},
    { viewingDistance: 2000, work: { temperature: 10 } },
  ),
);
const wall = plan(job).walls[0]!;
const redo = (id: string, offMm: number) => redoPrint(job, wall, id, offMm, speechOf(job));

it("leaves what is not seen from where people stand", () => {
  // 2.5 % of 120 are 3; at 2 m the eye resolves 0.58.
  expect(redo("f/l1n2", 3)).toMatchObject({ verdict: "won't show", tolerance: 3, steps: [], minutes: 0 });
  expect(redo("f/l1n2", -5)!.verdict).toBe("may show");
  expect(redo("f/l1n2", 7)!.verdict).toBe("will show");
});

it("bases it out, waits until a sheet may lie there, marks it from the datum and prints every overlay again", () => {
  const { steps, minutes, wholeMin } = redo("f/l1n2/2", 7)!;
  expect(steps.map(({ say }) => say.split(" ").slice(0, 4).join(" "))).toEqual([
    "Base it out with",
    "Mark its middle anew",
    "Print overlay 1 of",
    "Print overlay 2 of",
  ]);
  // The second of ten prints of 400: its middle is at 600.
  expect(steps[1]!.say).toContain("600 mm from the left plumb line and 1500 mm up from the floor");
  expect([steps[2]!.say, steps[3]!.say].map((say) => /in (\w+),/.exec(say)![1])).toEqual(["kelp", "brine"]);
  // At 10 C all dries twice as slowly: a day until tape, a quarter of an hour between overlays.
  const tapeOver = job.paints.find(({ id }) => id === "oyster")!.tapeOverMin;
  expect(steps.map(({ dryMin }) => dryMin)).toEqual([2 * tapeOver, 0, 30, 0]);
  expect([minutes, wholeMin]).toEqual([8 + 3 + 3 + 3, 17 + 2 * tapeOver + 30]);
});

it("bases out in what lies under the print, and prints its shade with it", () => {
  const striped = parsed({
    ...document(
      {
        kind: "stencil-border",
        stencil: "dash",
        colours: { line: "brine", dot: "brine" },
        shades: { line: "oyster" },
        along: { level: 1500 },
      },
      {},
    ),
    finishes: [
      { id: "s", on: "w", kind: "stripes", fit: { by: "count", count: 2 }, colours: ["kelp", "oyster"] },
      {
        id: "f",
        on: "w",
        kind: "stencil-border",
        stencil: "dash",
        colours: { line: "brine", dot: "brine" },
        shades: { line: "oyster" },
        along: { level: 1500 },
      },
    ],
  });
  const on = plan(striped).walls[0]!;
  // Ten prints on 4000: the second lies on the left stripe, the ninth on the right one.
  const grounds = ["f/l1n2", "f/l1n9"].map(
    (id) => redoPrint(striped, on, id, 9, speechOf(striped))!.steps[0]!.say,
  );
  expect(grounds.map((say) => /with (\w+),/.exec(say)![1])).toEqual(["kelp", "oyster"]);
  const { steps } = redoPrint(striped, on, "f/l1n2", 9, speechOf(striped))!;
  expect(steps[2]!.say).toBe("Print overlay 1 of it again in brine, shaded in oyster, the tool nearly dry.");
  expect(steps[3]!.say).toBe("Print overlay 2 of it again in brine, the tool nearly dry.");
});

it("knows no print that is not on the wall", () => {
  expect(redo("f/l9n9", 7)).toBeNull();
});
