import { describe, expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";

const packs = [{ size: "1 L", price: 21 }];
const paints = [
  { id: "white", packs },
  { id: "plum", hex: "#5A3B4E", packs },
  { id: "mist", material: "pearl-coat", packs },
];
function planned(wall: object, finishes: object[], more: object = {}) {
  const parsed = parseJob({
    format: "jacaranda-job/1",
    name: "Fields",
    paints,
    walls: [{ id: "w", base: "white", width: 3000, height: 2400, ...wall }],
    finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
    ...more,
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return plan(parsed.job);
}

it("a field that one person does not paint in half a day is shared by two, and told where there is one", () => {
  // 30 x 3 m: 90 / 0.45 + 66 / 0.8 = 282.5; from the break to closing there are 250.
  const high = { width: 30_000, height: 3000, baseState: "paint", ceiling: { texture: "smooth" } };
  const base = (crew: number) => {
    const whole = planned(high, [], { work: { crew }, edges: { peel: "dry" } });
    const step = whole.steps.find(({ kind }) => kind === "base")!;
    return { codes: whole.findings.map(({ code }) => code), step };
  };
  expect(base(1).codes).toContain("cannot-be-done");
  const { codes, step } = base(2);
  expect(codes).not.toContain("cannot-be-done");
  expect([step.people, step.minutes]).toEqual([[1, 2], 142]);
});

describe("a sealer", () => {
  it("is never in one step with a colour that dries, and goes on just before the first coat laid into it", () => {
    const rough = { texture: "light", baseState: "on" };
    const bands = { kind: "bands", bands: [{ from: 0, to: 2400, colour: "plum" }] };
    const whole = planned(rough, [bands], { edges: { seal: "colour" } });
    const sealed = whole.steps.map(({ kind, coat, does }) => ({
      kind,
      coat,
      withSealer: does.some(({ act, tools }) => act === "seal" && tools?.includes("sealer-clear")),
      withColour: does.some(({ act, with: paint }) => act === "seal" && paint !== undefined),
    }));
    expect(sealed.filter(({ withSealer, withColour }) => withSealer && withColour)).toEqual([]);
    expect(sealed.filter(({ withSealer }) => withSealer).map(({ kind, coat }) => [kind, coat])).toEqual([
      ["paint", 1],
    ]);
    expect(whole.steps.find(({ kind }) => kind === "paint")!.say).toMatch(
      /sealed with clear sealer just before/,
    );
  });
});

describe("pearl over stripes", () => {
  // Twelve stripes of 250, every other one pearled; or twelve of 240 and a narrower sleeve.
  const pearled = (width: number) =>
    planned({ width }, [
      { kind: "stripes", fit: { by: "count", count: 12 }, colours: ["plum", "white"] },
      { kind: "pearl", paint: "mist", over: "plum" },
    ]);

  it("lies in lanes of each stripe, with the roller that fits it, all along it in both coats", () => {
    for (const [width, lanes, sleeve] of [
      [3000, 2, "pearl-sleeve"],
      [2880, 3, "pearl-sleeve-100"],
    ] as const) {
      const whole = pearled(width);
      const coats = whole.walls[0]!.coats!;
      expect(coats).toHaveLength(2);
      for (const { sections } of coats) {
        expect(sections).toHaveLength(6 * lanes);
        // Stripe by stripe, none over a bare one, all as high as the wall.
        sections.forEach(({ box: [x, , lane, high] }, index) => {
          const stripe = Math.floor(index / lanes);
          expect(x).toBeCloseTo((2 * stripe * width) / 12 + (index % lanes) * lane, 6);
          expect(lane).toBeCloseTo(width / 12 / lanes, 6);
          expect(high).toBeCloseTo(2400, 6);
        });
      }
      const items = whole.sundries.map(({ item }) => item);
      expect(items.filter((item) => item.startsWith("pearl-sleeve"))).toEqual([sleeve]);
      // What is beside it stays as it is under film.
      const mask = whole.steps.find(({ kind }) => kind === "mask-broken")!;
      expect(mask.does[0]!.tools).toContain("film");
      const says = whole.steps.filter(({ kind }) => kind === "pearl").map(({ say }) => say);
      for (const say of says) expect(say).toMatch(/upright lanes.*6 areas one after the other/);
      expect(says.join()).not.toMatch(/square to/);
    }
  });

  it("where it lies on lines that no tool finds room in that is told", () => {
    const lines = planned({}, [
      { kind: "stripes", fit: { by: "count", count: 60 }, colours: ["plum", "white"] },
      { kind: "pearl", paint: "mist", over: "plum" },
    ]);
    const found = [...lines.findings, ...lines.walls[0]!.findings].find(({ code }) => code === "no-room")!;
    // Stripes of 50 by 2400: twice the area over the edge is 49.
    expect(found.say).toMatch(/49 mm wide/);
  });
});
