import { expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";

const document = (finish: object) => ({
  format: "jacaranda-job/1",
  name: "Split",
  paints: [{ id: "white" }, { id: "plum" }],
  walls: [
    {
      id: "w",
      base: "white",
      // The floor falls by 30 to the right, the ceiling rises by 12.
      survey: {
        stations: [
          { x: 0, down: 1000, up: 1400 },
          { x: 3000, down: 1030, up: 1412 },
        ],
      },
    },
  ],
  finishes: [{ id: "b", on: "w", kind: "bands", ...finish }],
});
const edgesOf = (finish: object) => {
  const parsed = parseJob(document(finish));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return plan(parsed.job).walls[0]!.lines.map(({ path: [[, left], [, right]] }) => [left, right]);
};

it("a split datum is lifted at each place by half of what floor or ceiling there is out of level", () => {
  const low = { datum: "split", bands: [{ from: -400, to: -300, colour: "plum" }] };
  expect(edgesOf(low)).toEqual([
    [-400, -415],
    [-300, -315],
  ]);
  // Above the middle the ceiling is the nearer; what is asked for goes before that.
  const high = { datum: "split", bands: [{ from: 800, to: 900, colour: "plum" }] };
  expect(edgesOf(high)[0]).toEqual([800, 806]);
  expect(edgesOf({ ...high, against: "floor" })[0]).toEqual([800, 785]);
});

it("only a datum that is split lies against something", () => {
  const parsed = parseJob(
    document({ datum: "floor", against: "ceiling", bands: [{ from: 0, to: 90, colour: "plum" }] }),
  );
  expect(parsed.ok ? [] : parsed.problems.map(({ message }) => message)).toEqual([
    expect.stringMatching(/only a datum that is split/),
  ]);
});
