import { expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";

function planned(height: number) {
  const parsed = parseJob({
    format: "jacaranda-job/1",
    name: "High",
    paints: [{ id: "white" }, { id: "plum", packs: [{ size: "1 L", price: 21 }] }],
    walls: [{ id: "w", base: "white", width: 4000, height }],
    finishes: [{ id: "b", on: "w", kind: "bands", bands: [{ from: 1000, to: 3500, colour: "plum" }] }],
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return plan(parsed.job);
}

it("what is higher than steps serve is done from a tower, whose moves are counted in each step", () => {
  const whole = planned(3600);
  const withTower = whole.steps.filter(({ does }) => does.some(({ tools }) => tools?.includes("tool-tower")));
  const [up, ...high] = withTower;
  expect(up!.kind).toBe("access");
  for (const step of high) expect(step.start).toBeGreaterThanOrEqual(up!.end);
  const down = whole.steps.find(({ kind }) => kind === "access-down")!;
  expect(down.start).toBeGreaterThanOrEqual(Math.max(...high.map(({ end }) => end)));
  // 14.4 m2 washed at 2.5 minutes each, from two places along 4 m, four minutes each.
  expect(whole.steps.find(({ kind }) => kind === "wash-wall")!.minutes).toBe(36 + 8);
  // Up in 30, down in 20.
  const moves = 2 * high.length;
  expect(whole.work!.access).toEqual([{ wall: "w", item: "tool-tower", moves, minutes: 50 + 4 * moves }]);
  expect(whole.findings.map(({ code }) => code)).toContain("needs-access");
  // Its caution once, at the first step that needs it.
  const cautioned = whole.steps.filter(({ cautions }) => cautions.some((said) => said.startsWith("A tower")));
  expect(cautioned.map(({ kind }) => kind)).toEqual(["access"]);
});

it("up to what steps serve nothing is put up", () => {
  const whole = planned(3200);
  expect(whole.work!.access).toEqual([]);
  expect(whole.steps.map(({ kind }) => kind)).not.toContain("access");
  expect(
    whole.steps.filter(({ cautions }) => cautions.some((said) => said.startsWith("On steps"))),
  ).toHaveLength(1);
});
