import { describe, expect, it } from "vitest";
import type { PlanDay } from "@/core/plan/planDayTypes";
import { plan } from "@/core/job/plan";
import { stateAt } from "@/core/plan/stateAt";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { adviceOfCrews } from "./adviceOfCrews";
import { timeScaleOf } from "./timeScale";
import { visitsOf } from "./visits";

const day = (number: number, from: string, to: string): PlanDay => ({
  day: number,
  date: null,
  weekday: "mon",
  from,
  to,
  steps: [],
  evening: [],
});

it("another pair of hands is advised where it saves a day, and the fewest that do", () => {
  const rows = (...lastDays: number[]) =>
    lastDays.map((lastDay, index) => ({
      crew: index + 1,
      school: "finish" as const,
      lastDay,
      minutes: 600 + 90 * index,
    }));
  expect(adviceOfCrews(rows(4, 4, 4, 4))).toBe("More hands save no day here: what dries decides.");
  expect(adviceOfCrews(rows(6, 5, 4, 4))).toBe(
    "3 pairs of hands end on day 4, one on day 6, for 3 h more of setting up and closing; more hands than that save no day.",
  );
});

describe("the strip of days", () => {
  // Nine hours, a night of 20 px, three hours: 12 hours over 240 px.
  const scale = timeScaleOf([day(1, "08:00", "16:33"), day(3, "08:20", "11:00")], 260, 20);

  it("lays hours side by side alike, and nights between them", () => {
    expect(scale.spans.map(({ left, right }) => [left, right])).toEqual([
      [0, 180],
      [200, 260],
    ]);
    expect([480, 540, 1020, 2 * 1440 + 480, 2 * 1440 + 660].map(scale.x)).toEqual([0, 20, 180, 200, 260]);
    // 17:00 on the first day to 8:00 on the third are 39 h; half of them is half the night.
    expect(scale.x(1020 + 19.5 * 60)).toBeCloseTo(190, 9);
    expect(scale.x(0)).toBe(0);
    expect(scale.x(99999)).toBe(260);
  });

  it("answers the time at a place, and the nearer end of a day within a night", () => {
    expect([0, 20, 184, 196, 230, 999].map(scale.timeAt)).toEqual([480, 540, 1020, 3360, 3450, 3540]);
    expect(timeScaleOf([], 100, 20).timeAt(50)).toBe(0);
  });
});

it("tape that lies around the corner from what is painted comes off with it", () => {
  const walls = ["u", "v"].map((id) => ({ id, base: "oyster", width: 2000, height: 2400 }));
  const block = { shape: "rectangle", x: 2000, y: 500, width: 900, height: 900, colour: "kelp" };
  const whole = plan(
    parsed(
      oneWall(
        {},
        {},
        {
          walls,
          runs: [{ id: "r", walls: ["u", "v"] }],
          finishes: [{ id: "f", on: "r", kind: "blocks", blocks: [block] }],
        },
      ),
    ),
  );
  // The block begins at the corner: its edge there is taped on u, where nothing is painted.
  expect(whole.walls[0]!.tape).toMatchObject([{ corner: "v", cuts: "kelp" }]);
  const laid = whole.steps.find(({ id }) => id === "u/tape-1")!;
  const last = whole.steps.find(({ id }) => id === "v/paint-1-kelp-2")!;
  const onU = (time: number) => stateAt(whole, time).get("u")!.tape.size;
  expect([laid.start - 1, laid.end, last.start, last.end, whole.work!.end].map(onU)).toEqual([0, 1, 1, 0, 0]);
});

it("the wall shows what is painted, wet, drying and taped at a moment", () => {
  const whole = plan(parsed(oneWall({ baseState: "paint" }, { fit: { by: "count", count: 5 } })));
  const at = (time: number) => {
    const { hasBase, regions, tape } = stateAt(whole, time).get("w")!;
    // Masks around the base are on before it; of the pattern's own tape is asked.
    return [hasBase, regions.get("w/f/stripe-1")!.state, [...tape].some((id) => id.startsWith("w/f/"))];
  };
  const step = (id: string) => whole.steps.find((one) => one.id === id)!;
  const [base, tape, first, second] = [
    step("w/base-1"),
    step("w/tape-1"),
    step("w/paint-1-kelp-1"),
    step("w/paint-1-kelp-2"),
  ];
  expect(at(base.start - 1)).toEqual([false, "bare", false]);
  expect(at(base.end)).toEqual([true, "bare", false]);
  expect(at(tape.end)).toEqual([true, "bare", true]);
  expect(at(first.start)).toEqual([true, "wet", true]);
  expect(at(first.end)).toEqual([true, "drying", true]);
  expect(at(second.end)).toEqual([true, "drying", false]);
  expect(at(whole.work!.end)).toEqual([true, "done", false]);
  expect(stateAt(whole, 0).get("w")!.regions.get("w/f/stripe-2")).toMatchObject({ round: null, coats: 0 });
});

it("what is stamped, printed or worked place by place is told by its loads, in the order in which they are", () => {
  const box = (x: number): [number, number, number, number] => [x, 100, 200, 60];
  const brick = (x: number, tone: string, order: number, load: number) => ({
    tone,
    box: box(x),
    order,
    load,
  });
  const orders = visitsOf(
    {
      bricks: [
        {
          finish: "f",
          list: [
            brick(400, "sand", 3, 2),
            brick(0, "sand", 1, 1),
            brick(200, "sand", 2, 1),
            brick(600, "slate", 4, 1),
          ],
        },
      ],
      coats: [{ finish: "g", coat: 2, colour: "lime", sections: [{ box: box(0), order: 1 }] }],
    } as unknown as Parameters<typeof visitsOf>[0],
    (paint) => paint.toUpperCase(),
  );
  expect(orders.map(({ key, name }) => [key, name])).toEqual([
    ["f sand", "SAND"],
    ["f slate", "SLATE"],
    ["g coat 2", "coat 2 of LIME"],
  ]);
  expect(orders[0]!.loads).toEqual([
    {
      number: 1,
      stops: [
        [100, 130],
        [300, 130],
      ],
    },
    { number: 2, stops: [[500, 130]] },
  ]);
});
