import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const wall = { width: 3000, height: 2500, skirting: 0 };
const planned = (finish: object) =>
  plan(parsed(oneWall(wall, {}, { finishes: [{ id: "f", on: "w", ...finish }] })));
const minutesOf = ({ steps }: ReturnType<typeof planned>, id: string) =>
  steps.find((step) => step.id === `w/${id}`)!.minutes;

describe("lines struck by eye", () => {
  const lines = (more: object) =>
    planned({
      kind: "tape-lines",
      lines: [
        [
          [0, 500],
          [3000, 1500],
        ],
      ],
      fills: [{ at: [1500, 200], colour: "kelp" }],
      ...more,
    });

  it("have two touches and nothing to prove; chips of the colours go up before the tape", () => {
    const answer = lines({ byEye: 20 });
    const [on] = answer.walls;
    expect(on!.marks.map(({ on, at, use }) => [on, at, use])).toEqual([
      ["left", 500, "line 1, by eye"],
      ["right", 1500, "line 1, by eye"],
    ]);
    expect([on!.checks, on!.level]).toEqual([[], null]);
    // Two touches at 1.5; five minutes for chips and half a one for each of one area.
    expect([minutesOf(answer, "mark"), minutesOf(answer, "chips")]).toEqual([3, 6]);
    const order = answer.steps.map(({ id }) => id);
    expect(order.indexOf("w/mark")).toBeLessThan(order.indexOf("w/chips"));
    expect(order.indexOf("w/chips")).toBeLessThan(order.indexOf("w/tape-1"));
    expect(answer.steps.find(({ id }) => id === "w/mark")!.say).not.toMatch(/level line|prove/);
  });

  it("are measured from the level line where they are not, without chips", () => {
    const answer = lines({});
    expect(answer.walls[0]!.marks.map(({ use }) => use)).toEqual(["line 1", "line 1"]);
    expect(minutesOf(answer, "mark")).toBe(13);
    expect(answer.steps.some(({ id }) => id === "w/chips")).toBe(false);
  });
});

describe("arches", () => {
  const arch = (up: number) =>
    planned({
      kind: "arches",
      centre: [1500, up],
      outerRadius: 600,
      bands: [{ width: 100, colour: "kelp" }, { gap: 36 }, { width: 64, colour: "brine" }],
    });

  it("tell by how much each string is shorter, and how long drawing takes", () => {
    const answer = arch(0);
    const [on] = answer.walls;
    expect(on!.radii.map(({ reading, shorter }) => [reading, shorter])).toEqual([
      ["600 mm", undefined],
      ["500 mm", "100 mm"],
      ["464 mm", "36 mm"],
      ["400 mm", "64 mm"],
    ]);
    const marks = on!.marks.length + on!.checks.length;
    // Half circles: each string a minute, each metre of arc 0.5 + 0.25 r.
    const drawn = [0.6, 0.5, 0.464, 0.4].reduce((sum, r) => sum + 1 + Math.PI * r * (0.5 + 0.25 * r), 0);
    expect(minutesOf(answer, "mark")).toBe(Math.ceil(10 + 1.5 * marks + drawn));
  });

  it("leave a pin's hole to fill where the pin is in the wall, not where it is in the floor", () => {
    const sayOf = (up: number) => arch(up).steps.find(({ kind }) => kind === "touch-up")!.say;
    expect(sayOf(300)).toMatch(/fill the pin's hole/);
    expect(sayOf(0)).not.toMatch(/pin/);
  });

  it("are offered as wide as the room allows, a band's width of margin around them", () => {
    const [best] = arch(0).walls[0]!.offers;
    // 1500 to both sides: (1500 - 36) / 4.5 = 325.3, told to 5 mm; the middle 1500 - 325 x 3 - 36.
    expect(best!.title).toBe("2 bands of 325 mm, gaps of 36 mm");
    expect(best!.why.join(" ")).toMatch(/325 mm.*489 mm/);
    expect(best!.change.set).toMatchObject({
      outerRadius: 1175,
      bands: [{ width: 325, colour: "kelp" }, { gap: 36 }, { width: 325, colour: "brine" }],
    });
  });
});
