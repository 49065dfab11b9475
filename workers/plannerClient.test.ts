import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Plan } from "@/core/job/planTypes";

interface Call {
  readonly text: string;
  progress(share: number): void;
  answer(): void;
}

const calls: Call[] = [];
let ended = 0;

vi.mock("comlink", () => ({
  proxy: (value: unknown) => value,
  wrap: () => ({
    plan: (text: string, progress: (share: number) => void) =>
      new Promise((resolve) =>
        calls.push({
          text,
          progress,
          answer: () => resolve({ ok: true, text: JSON.stringify({ of: text }) }),
        }),
      ),
  }),
}));

beforeEach(() => {
  calls.length = 0;
  ended = 0;
  vi.stubGlobal(
    "Worker",
    class {
      terminate() {
        ended++;
      }
    },
  );
});
afterEach(() => vi.unstubAllGlobals());

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));

async function client() {
  const { PlannerClient } = await import("./plannerClient");
  const answers: unknown[] = [];
  const shares: (number | null)[] = [];
  const planner = new PlannerClient(
    (plan: Plan) => answers.push(plan),
    (share) => shares.push(share),
  );
  return { answers, shares, planner };
}

it("plans one at a time, and of those that wait only the newest", async () => {
  const { planner, answers } = await client();
  for (const text of ["1", "2", "3", "4"]) planner.request(text);
  expect(calls.map((call) => call.text)).toEqual(["1"]);
  calls[0]!.answer();
  await settled();
  expect(calls.map((call) => call.text)).toEqual(["1", "4"]);
  calls[1]!.answer();
  await settled();
  expect(answers).toEqual([{ of: "1" }, { of: "4" }]);
});

it("is stopped by ending the worker; a late answer is not taken, a new request starts afresh", async () => {
  const { planner, answers, shares } = await client();
  planner.request("slow");
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
  expect(answers).toEqual([{ of: "next" }]);
});
