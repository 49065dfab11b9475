import { expect, it } from "vitest";
import { plan } from "./plan";
import { planned, rounded } from "./tests/bricks";
import { paints, parsed } from "./tests/jobs";

it("slivers beside a door are told with the shift that loses them", () => {
  // 12 pitches of 238 and 2: whole from the left; a casing from 960 on leaves 8 of the fifth face, and in the other courses
  // 127; to 1696 it leaves 1894 - 1696 - 119 = 79 and 198. Begun at 8 to 10 no course has less than 57 anywhere.
  const door = { id: "d", kind: "door", x: 1010, y: 0, width: 636, height: 600, casing: 50 };
  const { findings, bricks } = planned({ start: "left" }, { width: 2858, height: 770, openings: [door] })
    .walls[0]!;
  const found = findings.find(({ code }) => code === "jamb-sliver")!;
  expect(found.say).toContain("the least 8 mm");
  expect(bricks![0]!.pieces.some(({ width }) => Math.abs(width - 8) < 0.01)).toBe(true);
  const shifted = planned(found.change!.set, { width: 2858, height: 770, openings: [door] }).walls[0]!;
  expect(shifted.findings.map(({ code }) => code)).not.toContain("jamb-sliver");
  for (const { width, part } of shifted.bricks![0]!.pieces)
    if (part) expect(width).toBeGreaterThanOrEqual(57);
});

it("a bond starts at an outside corner and goes around it, and faces are masked until the last is stamped", () => {
  const ends = { leftEdge: "external" };
  const result = plan(
    parsed({
      format: "jacaranda-job/1",
      name: "Pier",
      paints,
      walls: [
        { id: "w", width: 1000, height: 770, skirting: 0, base: "oyster", rightEdge: "external" },
        { id: "v", width: 600, height: 770, skirting: 0, base: "oyster", ...ends },
      ],
      runs: [{ id: "r", walls: ["w", "v"] }],
      finishes: [{ id: "f", on: "r", kind: "brick", face: { width: 228, height: 68 }, colour: "kelp" }],
    }),
  );
  const facesOf = (wall: number, course: number) =>
    result.walls[wall]!.bricks![0]!.list.filter((brick) => brick.course === course).map(({ box }) => [
      rounded(box[0]),
      rounded(box[2]),
    ]);
  // A whole face meets the corner from either side; in the second course what half a pitch leaves: 228 - 119 = 109.
  expect([facesOf(0, 1).at(-1), facesOf(1, 1)[0]]).toEqual([
    [772, 228],
    [0, 228],
  ]);
  expect([facesOf(0, 2).at(-1), facesOf(1, 2)[0]]).toEqual([
    [891, 109],
    [0, 109],
  ]);
  // Around w: twice 1000 and its left end; around v: twice 600 and its right end.
  const step = (id: string) => result.steps.find((own) => own.id === id)!;
  for (const [wall, metres] of [
    ["w", 2.77],
    ["v", 1.97],
  ] as const) {
    const [mask, stamp, unmask] = ["mask", "faces-kelp", "unmask"].map((name) => step(`${wall}/f/${name}`));
    expect(mask!.say).toContain(`mask ${metres.toFixed(1)} m`);
    expect(mask!.end).toBeLessThanOrEqual(stamp!.start);
    expect(stamp!.end).toBeLessThanOrEqual(unmask!.start);
  }
});
