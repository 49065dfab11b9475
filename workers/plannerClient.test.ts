import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Plan } from "@/core/plan/planTypes";

interface Call {
  readonly text: string;
  progress(share: number): void;
  answer(): void;
  fail(): void;
}

const wallOf = (text: string) => ({
  id: "w",
  of: text,
  fit: `fit of ${text}`,
  offers: `offers of ${text}`,
  findings: [{ code: "sliver", say: "Thin." }],
});

const calls: Call[] = [];
const prepared: string[] = [];
const workers: { onerror: (() => void) | null }[] = [];
let ended = 0;

vi.mock("comlink", () => ({
  proxy: (value: unknown) => value,
  wrap: () => {
    let of = "";
    return {
      walls: (text: string, progress: (share: number) => void) =>
        new Promise((resolve, reject) => {
          of = text;
          calls.push({
            fail: () => reject(new Error("A fault of the planner's.")),
            text,
            progress,
            answer: () => resolve([JSON.stringify(wallOf(text))]),
          });
        }),
      prepare: (text: string) => {
        prepared.push(text);
        return Promise.resolve();
      },
      rest: () => Promise.resolve({ walls: [null], rest: JSON.stringify({ of }) }),
    };
  },
}));

beforeEach(() => {
  calls.length = 0;
  prepared.length = 0;
  ended = 0;
  vi.stubGlobal(
    "Worker",
    class {
      onerror: (() => void) | null = null;
      constructor() {
        workers.push(this);
      }
      terminate() {
        ended++;
      }
    },
  );
});
afterEach(() => vi.unstubAllGlobals());

const settled = () => new Promise((resolve) => setTimeout(resolve, 5));

const planOf = (text: string) => ({ of: text, walls: [wallOf(text)] });

async function client() {
  const { PlannerClient } = await import("./plannerClient");
  const answers: unknown[] = [];
  const shown: unknown[] = [];
  const shares: (number | null)[] = [];
  let failures = 0;
  const planner = new PlannerClient({
    walls: (walls) => shown.push(walls),
    answer: (plan: Plan) => answers.push(plan),
    progress: (share) => shares.push(share),
    failed: () => failures++,
  });
  return { answers, shown, shares, planner, failures: () => failures };
}

it("plans one at a time, and of those that wait only the newest", async () => {
  const { planner, answers, shown } = await client();
  for (const text of ["1", "2", "3", "4"]) planner.request(text);
  expect(calls.map((call) => call.text)).toEqual(["1"]);
  calls[0]!.answer();
  await settled();
  expect(calls.map((call) => call.text)).toEqual(["1", "4"]);
  calls[1]!.answer();
  await settled();
  // The first was overtaken before more than its walls were asked for, and nothing is known yet to show them with.
  expect(answers).toEqual([planOf("4")]);
  planner.request("5");
  calls[2]!.answer();
  await settled();
  // From then on the walls come first, with the last of everything else.
  const between = [{ ...wallOf("5"), fit: "fit of 4", offers: "offers of 4" }];
  expect([shown, answers]).toEqual([[between], [planOf("4"), planOf("5")]]);
});

it("has what is shown worked out before anything is asked for, but not once something is", async () => {
  const { planner, answers, shown } = await client();
  planner.prepare("shown");
  planner.prepare("shown");
  await settled();
  expect([prepared, calls, answers, shown]).toEqual([["shown"], [], [], []]);
  planner.request("changed");
  planner.prepare("changed");
  calls[0]!.answer();
  await settled();
  expect([prepared, answers]).toEqual([["shown"], [planOf("changed")]]);
});

it("shows the walls of a drag at once, and the rest of its plan when the hand rests", async () => {
  const { planner, answers, shown } = await client();
  planner.request("first");
  calls[0]!.answer();
  await settled();
  for (const text of ["drag 1", "drag 2"]) {
    planner.request(text, true);
    await settled();
    calls.at(-1)!.answer();
    await settled();
  }
  expect(shown.flat()).toMatchObject([{ of: "drag 1" }, { of: "drag 2" }]);
  expect(answers).toEqual([planOf("first")]);
  await new Promise((resolve) => setTimeout(resolve, 250));
  expect(answers).toEqual([planOf("first"), planOf("drag 2")]);
  // What is let go is planned whole without waiting.
  planner.request("drag 3", true);
  await settled();
  calls.at(-1)!.answer();
  await settled();
  planner.request("kept");
  await settled();
  calls.at(-1)!.answer();
  await settled();
  expect(answers.at(-1)).toEqual(planOf("kept"));
});

it("is stopped by ending the worker; a late answer is not taken, a new request starts afresh", async () => {
  const { planner, answers, shares } = await client();
  planner.request("slow");
  calls[0]!.progress(0.1);
  // A plan that is there within a moment is not announced.
  expect(shares).toEqual([]);
  await new Promise((resolve) => setTimeout(resolve, 150));
  calls[0]!.progress(0.5);
  planner.stop();
  expect(ended).toBe(1);
  calls[0]!.progress(0.9);
  expect(shares).toEqual([0, 0.5, null]);
  planner.request("next");
  calls[0]!.answer();
  await settled();
  expect(answers).toEqual([]);
  calls[1]!.answer();
  await settled();
  expect(answers).toEqual([planOf("next")]);
});

it("what is heard of a plan's progress after the plan itself is no news: nothing stays under way for it", async () => {
  const { planner, answers, shares } = await client();
  planner.request("long");
  await new Promise((resolve) => setTimeout(resolve, 150));
  calls[0]!.progress(0.9);
  calls[0]!.answer();
  await settled();
  expect(answers).toEqual([planOf("long")]);
  calls[0]!.progress(1);
  expect(shares).toEqual([0, 0.9, null]);
});

it("says that a plan failed, by a throw or by the worker's end, and goes on with the next request afresh", async () => {
  const complaints = vi.spyOn(console, "error").mockImplementation(() => undefined);
  const { planner, answers, shares, failures } = await client();
  planner.request("throws");
  calls[0]!.fail();
  await settled();
  expect([failures(), ended, shares.at(-1)]).toEqual([1, 1, null]);
  planner.request("dies");
  workers.at(-1)!.onerror!();
  await settled();
  expect([failures(), ended]).toEqual([2, 2]);
  // One that is overtaken by a later request is not worth a word.
  planner.request("fails");
  planner.request("holds");
  calls[2]!.fail();
  await settled();
  calls[3]!.answer();
  await settled();
  expect(failures()).toBe(2);
  expect(answers).toEqual([planOf("holds")]);
  complaints.mockRestore();
});

it("findings that are told again keep the change that was known to cure them", async () => {
  const { keepAdvice } = await import("./keepAdvice");
  const wall = (findings: object[], more: object = {}) =>
    ({ id: "w", fit: null, offers: [], findings, ...more }) as never;
  const change = { label: "Move it", set: { x: 1 } };
  const before = wall(
    [
      { code: "sliver", say: "30 mm.", change },
      { code: "gap", say: "Gone." },
    ],
    { fit: "fit" },
  );
  const now = wall([
    { code: "sliver", say: "30 mm." },
    { code: "sliver", say: "40 mm." },
  ]);
  expect(keepAdvice(now, before)).toEqual(
    wall(
      [
        { code: "sliver", say: "30 mm.", change },
        { code: "sliver", say: "40 mm." },
      ],
      { fit: "fit" },
    ),
  );
  expect(keepAdvice(before, before)).toBe(before);
  expect(keepAdvice(now, undefined)).toBe(now);
});

it("does not show the walls that an ended worker still answers", async () => {
  const { planner, answers, shown } = await client();
  planner.request("first");
  calls[0]!.answer();
  await settled();
  planner.request("slow");
  await settled();
  planner.stop();
  calls[1]!.answer();
  await settled();
  expect([shown, answers]).toEqual([[], [planOf("first")]]);
});
