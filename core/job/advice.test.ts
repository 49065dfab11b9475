import { expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";
import { planned as printed } from "./tests/stencils";

/** One finish on a wall of 3 by 2.4 m. */
const on = (wall: object, finish: object, job: object = {}) =>
  oneWall(
    { width: 3000, height: 2400, skirting: 0, ...wall },
    {},
    { finishes: [{ id: "f", on: "w", ...finish }], ...job },
  );
const told = (wall: object, finish: object, job: object = {}) => {
  const whole = plan(parsed(on(wall, finish, job)));
  return [...whole.walls[0]!.findings, ...whole.findings];
};
const codeOf = (findings: ReturnType<typeof told>, code: string) => findings.find((own) => own.code === code);

it("a cold damp room that more than doubles the days is told with those of a heated one", () => {
  const blocks = {
    kind: "blocks",
    blocks: [0, 1000, 2000].map((x, index) => ({
      shape: "rectangle",
      x,
      y: 0,
      width: 1000,
      height: 2400,
      colour: ["kelp", "brine", "kelp"][index],
    })),
  };
  const cold = codeOf(told({}, blocks, { work: { temperature: 10, humidity: 80 } }), "cold-room")!;
  const warm = plan(parsed(on({}, blocks))).work!;
  expect(cold.say).toContain(`on day ${warm.lastDay}.`);
  expect(cold.change).toMatchObject({ path: ["work"], set: { temperature: 20, humidity: 50 } });
  expect(codeOf(told({}, blocks, { work: { temperature: 18, humidity: 55 } }), "cold-room")).toBeUndefined();
});

it("touching blocks that the brush does sooner are told with both lengths, and the plan by hand is that long", () => {
  const ids = ["kelp", "brine", "oyster-2", "clay"];
  const paints = ["oyster", ...ids].map((id) => ({ id }));
  const blocks = {
    kind: "blocks",
    blocks: [0, 1, 2, 3].map((n) => ({
      shape: "rectangle",
      x: (n % 2) * 1500,
      y: n < 2 ? 0 : 1200,
      width: 1500,
      height: 1200,
      colour: ids[n],
    })),
  };
  const document = on({}, blocks, { paints });
  const taped = plan(parsed(document));
  const byHand = plan(parsed({ ...document, edges: { straight: "hand" } }));
  const found = taped.findings.find(({ code }) => code === "by-hand-sooner");
  const isSooner = taped.rounds.length >= 3 && byHand.work!.lastDay < taped.work!.lastDay;
  expect(found !== undefined).toBe(isSooner);
  if (found)
    expect(found.say).toContain(
      `the work ends on day ${taped.work!.lastDay}; cut in by hand, to what is dry, on day ${byHand.work!.lastDay}`,
    );
});

it("colours that no piece has got, and one colour in several sheens", () => {
  const stripes = { kind: "stripes", colours: ["kelp", "brine", "clay"], fit: { by: "count", count: 2 } };
  const paints = ["oyster", "kelp", "brine", "clay"].map((id) => ({ id }));
  expect(codeOf(told({}, stripes, { paints }), "unused-colour")!.say).toContain("clay is among the colours");
  expect(
    codeOf(told({}, { ...stripes, fit: { by: "count", count: 3 } }, { paints }), "unused-colour"),
  ).toBeUndefined();
  const sheens = ["oyster", "kelp", "brine", "clay"].map((id) => ({
    id,
    hex: id === "kelp" || id === "oyster" ? "#D9D2C3" : "#223344",
    sheen: id === "kelp" ? "gloss" : "matt",
  }));
  expect(codeOf(told({}, stripes, { paints: sheens }), "sheens-of-one")!.say).toContain("oyster and kelp");
  expect(codeOf(told({}, stripes, { paints }), "sheens-of-one")).toBeUndefined();
});

it("a bed a little off the middle is offered as the centre, with how far off it is", () => {
  const bed = { id: "bed", name: "bed", kind: "furniture", x: 1130, y: 0, width: 1600, height: 500 };
  // Its middle at 1930, the wall's at 2000.
  const { findings } = printed({ start: { x: "centre", y: "top" } }, { fixtures: [bed] }).walls[0]!;
  const found = findings.find(({ code }) => code === "off-centre")!;
  expect(found.say).toContain("70 mm to its left");
  expect(found.change!.set).toEqual({ start: { x: { on: "bed" }, y: "top" } });
  const on = printed({ start: { x: { on: "bed" }, y: "top" } }, { fixtures: [bed] }).walls[0]!;
  expect(on.findings.map(({ code }) => code)).not.toContain("off-centre");
});

it("scraps of prints are told with the shift that leaves them off the wall", () => {
  // Leaves of 160 by 400 every 400 by 600 from the left: a wall of 3950 has ten columns to 3900; of 4150 an eleventh, whose
  // leaf, 4120 to 4280, is 30 on the wall: 18.75 %.
  const codes = (width: number) =>
    printed({ start: { x: "left", y: "top" } }, { width }).findings.concat(
      printed({ start: { x: "left", y: "top" } }, { width }).walls[0]!.findings,
    );
  const found = codes(4150).find(({ code }) => code === "part-print")!;
  expect(found.say).toContain("of 4 prints less than a fifth");
  expect(found.remedy).toContain("shift the start by 30 mm");
  expect(codes(3950).find(({ code }) => code === "part-print")).toBeUndefined();
});
