import { describe, expect, it } from "vitest";
import { rehearse } from "@/core/rehearse/rehearse";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";

const paints = [
  { id: "white", hex: "#F5F4EF" },
  { id: "plum", hex: "#5A3B4E" },
  { id: "bronze", hex: "#9C7A4D", material: "metallic-paint" },
  { id: "chalk", material: "whitewash" },
].map((paint) => ({ ...paint, packs: [{ size: "1 L", price: 21 }] }));
const document = (wall: object, finishes: object[], more: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Grounds",
  paints,
  walls: [{ id: "w", base: "white", width: 3000, height: 2400, ...wall }],
  finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
  ...more,
});
function planned(wall: object, finishes: object[], more: object = {}) {
  const parsed = parseJob(document(wall, finishes, more));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  const whole = plan(parsed.job);
  return { ...whole, faults: rehearse(parsed.job, whole).faults };
}
const problems = (...given: Parameters<typeof document>) => {
  const parsed = parseJob(document(...given));
  return parsed.ok ? [] : parsed.problems.map(({ path, message }) => `${path}: ${message}`);
};
const codes = (whole: ReturnType<typeof planned>) =>
  [...whole.findings, ...whole.walls.flatMap(({ findings }) => findings)].map(({ code }) => code);
const bands = {
  kind: "bands",
  bands: [
    { from: 800, to: 1000, colour: "plum" },
    { from: 1000, to: 1100, colour: "bronze" },
    { from: 1100, to: 1300, colour: "plum" },
  ],
};

describe("a young base", () => {
  it("is dusted and not washed, tape is tried on it, and it is told", () => {
    const young = planned({ baseAge: "2 d" }, [bands]);
    const kinds = young.steps.map(({ kind }) => kind);
    expect(kinds).not.toContain("wash-wall");
    expect(kinds.indexOf("dust-wall")).toBeGreaterThan(0);
    expect(kinds.indexOf("tape-trial")).toBeLessThan(kinds.indexOf("tape"));
    expect(codes(young)).toContain("base-too-young");
    expect(young.sundries.map(({ item }) => item)).toContain("tape-low-tack");
    expect(young.sundries.map(({ item }) => item)).not.toContain("sugar-soap");
    expect(young.faults).toEqual([]);
    // Ten days: washed, and tape is tried yet; three weeks: as ever.
    const older = planned({ baseAge: "10 d" }, [bands]).steps.map(({ kind }) => kind);
    expect([older.includes("wash-wall"), older.includes("tape-trial")]).toEqual([true, true]);
    const old = planned({ baseAge: "3 weeks" }, [bands]);
    expect(old.steps.map(({ kind }) => kind)).not.toContain("tape-trial");
    expect(codes(old)).not.toContain("base-too-young");
  });

  it("is taped when it is as old as its label asks", () => {
    // 20 hours at eight in the morning, 24 asked at 20 C and 50 %: not before noon.
    const tape = (baseAge: string) => {
      const [first] = planned({ baseAge }, [bands]).steps.filter(({ kind }) => kind === "tape");
      return [first!.day, first!.from >= "12:00"];
    };
    expect([tape("20 h"), tape("24 h")]).toEqual([
      [1, true],
      [1, false],
    ]);
  });

  it("has an age that reads as one, and is on", () => {
    expect(problems({ baseAge: "2 years" }, [])[0]).toMatch(/baseAge.*such as "36 h"/);
    expect(problems({ baseAge: "2 d", baseState: "paint" }, [])[0]).toMatch(/baseAge: the base is painted/);
  });
});

it("a paint that tape marks goes last against tape on the others; where a school will not have that it is told", () => {
  const whole = planned({}, [bands]);
  const painted = whole.steps.flatMap(({ kind, colour }) => (kind === "paint" ? [colour] : []));
  expect(painted).toEqual(["plum", "plum", "bronze", "bronze"]);
  expect(codes(whole)).not.toContain("special-under-tape");
  // Beside it plum is carried past the line: 3 m on either side, two coats of 25 mm at 11 m2 a litre.
  const plum = whole.paint.find(({ colour }) => colour === "plum")!;
  expect(plum.terms.past_ml).toBeCloseTo((6 * 0.025 * 2 * 1000) / 11, 6);
  expect(whole.faults).toEqual([]);
  expect(codes(planned({}, [bands], { school: "coat-by-coat" }))).toContain("special-under-tape");
});

describe("wood", () => {
  const boards = { texture: "boards", base: "white" };
  const washed = (way: string) => ({ kind: "whitewash", paint: "chalk", way, board: 200 });

  it("is stripped of gloss, varnish or wax before it is dusted", () => {
    for (const kind of ["gloss", "varnish", "wax"]) {
      const whole = planned({ ...boards, conditions: [{ kind }] }, [washed("brushed")]);
      const kinds = whole.steps.map((step) => step.kind);
      expect(kinds.indexOf("prepare")).toBeLessThan(kinds.indexOf("dust-wall"));
      const strip = whole.steps.find((step) => step.kind === "prepare")!;
      expect(strip.does.map(({ act }) => act)).toEqual(["strip", "sand", "dust"]);
      // The list at Measure says the same.
      expect(whole.walls[0]!.preparation[0]!.step).toMatch(/bare ground|wax off/);
      // Ten minutes and eight a m2 of 7.2; six for wax.
      expect(strip.minutes).toBe(Math.ceil(10 + (kind === "wax" ? 6 : 8) * 7.2));
      expect(whole.sundries.map(({ item }) => item)).toEqual(expect.arrayContaining(["paper", "dust-mask"]));
      expect(whole.faults).toEqual([]);
    }
  });

  it("over wax is rubbed off in a step of its own when it is dry", () => {
    const whole = planned(boards, [washed("waxed")]);
    const at = (kind: string) => whole.steps.find((step) => step.kind === kind)!;
    expect(at("wash-rub").start).toBeGreaterThanOrEqual(at("whitewash").end + 60);
    expect(whole.faults).toEqual([]);
  });
});

it("a run that closes is joined at its last corner too: masks there wait like any others", () => {
  const walls = ["n", "e", "s", "w"].map((id) => ({ id, base: "white", width: 3000, height: 2400 }));
  const room = { walls, runs: [{ id: "r", walls: ["n", "e", "s", "w"], closes: true }] };
  const whole = planned({}, [{ ...bands, on: "r" }], room);
  expect(whole.faults).toEqual([]);
  const west = (closes: boolean) =>
    planned({}, [{ ...bands, on: "r" }], {
      walls: walls.map((wall) => (wall.id === "w" ? { ...wall, rightEdge: "external" } : wall)),
      runs: [{ ...room.runs[0]!, closes }],
    }).walls[3]!.findings.map(({ code }) => code);
  expect([west(true), west(false)].map((found) => found.includes("corner-disagrees"))).toEqual([true, false]);
  expect(problems({}, [], { ...room, runs: [{ id: "r", walls: ["n", "e"], closes: true }] })[0]).toMatch(
    /closes: a room has three walls/,
  );
  const hides = ["n", "s"];
  expect(problems({}, [], { ...room, runs: [{ ...room.runs[0], hides }] })[0]).toMatch(/hides.*no corner/);
});
