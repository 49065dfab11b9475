import { expect, it } from "vitest";
import { did } from "../act";
import { waitFor, type StepDraft, type Wait } from "../step";
import { said } from "../words";
import { toolSessions } from "./washTools";

/** Ten minutes of rolling in one colour. */
const rolled = (id: string, session: string, after: (Wait | null)[], rolledM2: number | undefined = 2) =>
  ({
    id,
    phase: "colour",
    verb: "paint",
    session,
    minutes: 10,
    after,
    does: [did("coat", "region", [id], { with: "kelp", ...(rolledM2 !== undefined && { rolledM2 }) })],
    say: said("sand", { wall: "w" }),
    cautions: [],
    evening: [],
  }) satisfies StepDraft;
const sessions = (...steps: StepDraft[]) =>
  toolSessions(steps)("kelp").map((used) => used.map(({ id }) => id).join("+"));

it("a roller that is due again within six hours by the labels is wrapped, and washed once", () => {
  const first = rolled("a", "1", []);
  const next = (minutes: number) => rolled("b", "2", [waitFor("a", "recoat", minutes)]);
  expect(sessions(first, next(360))).toEqual(["a+b"]);
  expect(sessions(first, next(361))).toEqual(["a", "b"]);
  // What comes in between counts: tape of three hours' work on the way is no wait, a day under it is.
  const tape = { ...rolled("t", "x", [waitFor("a", "tape-over", 1440)]), does: [did("tape", "tape", ["t"])] };
  expect(sessions(first, tape, rolled("b", "2", [waitFor("t")]))).toEqual(["a", "b"]);
});

it("goes by the label, whatever the painter's school waits", () => {
  const first = rolled("a", "1", []);
  const school = { ...waitFor("a", "recoat", 30)!, byLabel: 400 };
  expect(sessions(first, rolled("b", "2", [school, waitFor("a", "next-day")]))).toEqual(["a", "b"]);
  const label = { ...waitFor("a", "recoat", 30)!, byLabel: 180 };
  expect(sessions(first, rolled("b", "2", [label, waitFor("a", "next-day")]))).toEqual(["a+b"]);
});

it("stamps and brushes of a finish's own are no roller", () => {
  const own = { ...rolled("b", "f", [waitFor("a")]), does: [did("print", "print", ["b"], { with: "kelp" })] };
  expect(sessions(rolled("a", "1", []), own)).toEqual(["a", "b"]);
});

it("the same brushes serve another finish before they are washed, and are washed where its turn is long in coming", () => {
  const brushed = (id: string, session: string, after: (Wait | null)[]) => ({
    ...rolled(id, session, after),
    does: [did("coat", "section", [id], { with: "kelp", tools: ["block-brush"] })],
  });
  const first = brushed("a", "l1", []);
  expect(sessions(first, brushed("b", "l2", [waitFor("a")]))).toEqual(["a+b"]);
  expect(sessions(first, brushed("b", "l1", [waitFor("a", "recoat", 361)]))).toEqual(["a", "b"]);
});
