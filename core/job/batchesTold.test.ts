import { expect, it } from "vitest";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import { planFromNow } from "./planFromNow";
import { parsed } from "./tests/jobs";

const job = parsed({
  format: "jacaranda-job/1",
  name: "Batches",
  work: { start: "2027-01-11" },
  paints: [
    { id: "shell", hex: "#e9e2d0" },
    { id: "ochre", hex: "#a8752b" },
    {
      id: "dune",
      hex: "#c9a66b",
      mix: {
        parts: [
          { paint: "shell", parts: 10 },
          { paint: "ochre", parts: 1 },
        ],
        limit: { of: "ochre", in: "shell", ml_per_l: 60 },
      },
    },
  ],
  walls: [{ id: "w", width: 3000, height: 2500, base: "dune", baseState: "paint" }],
  finishes: [],
});
const batch = (number: number, n: number, additions: object[], more: object = {}) =>
  entryOf(number, `2027-01-11T09:${String(10 + number)}`, "batch", {
    mix: "dune",
    n,
    of: 2,
    additions,
    ...more,
  });
const planWith = (...entries: ReturnType<typeof batch>[]) =>
  planFromNow(job, fold(entries), parseMoment("2027-01-11T12:00")!);

it("a batch is what went into it by the last word of it, with its load and how far it dried off", () => {
  const first = batch(1, 1, [{ paint: "shell", ml: 1000 }]);
  const again = batch(2, 1, [
    { paint: "shell", ml: 500 },
    { paint: "ochre", ml: 30 },
    { paint: "shell", ml: 500 },
    { water: true, ml: 100 },
    { paint: "ochre", ml: 20 },
  ]);
  const dried = batch(3, 2, [{ paint: "shell", ml: 100 }], { dry: "#e9e2d0", useBy: "2027-03-01" });
  const [one, two, ...more] = planWith(first, again, dried).batches!;
  expect(more).toEqual([]);
  expect(one!.parts.map(({ paint, ml }) => [paint, ml])).toEqual([
    ["shell", 1000],
    ["ochre", 50],
    [undefined, 100],
  ]);
  expect(one).toMatchObject({
    n: 1,
    of: 2,
    ml: 1150,
    ml_per_l: 50,
    overLimit: false,
    at: "2027-01-11T09:12",
    by: "Wren",
  });
  // Shell alone dries as shell.
  expect(two).toMatchObject({ n: 2, dry: "#e9e2d0", off: 0, useBy: "2027-03-01" });
});

it("whoever takes the risk of too much tint is named, until it is refused", () => {
  const code = (plan: ReturnType<typeof planWith>) =>
    plan.findings.find((one) => one.code === "tint-over-limit");
  expect(code(planWith())).toMatchObject({ severity: "check" });
  const taken = entryOf(4, "2027-01-11T10:00", "decided", {
    of: { mix: "dune" },
    accepts: ["over-limit"],
    name: "Wren",
  });
  const accepted = planWith(taken);
  expect(code(accepted)).toMatchObject({ severity: "note", remedy: expect.stringContaining("Wren knows") });
  expect(accepted.mixes![0]!.accepted).toBe("Wren");
  const refused = entryOf(5, "2027-01-11T10:05", "decided", { of: { mix: "dune", refused: true } });
  expect(code(planWith(taken, refused))).toMatchObject({ severity: "check" });
});
