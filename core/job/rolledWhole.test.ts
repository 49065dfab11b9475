import { expect, it } from "vitest";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";

/** Ten upright stripes over a wall 1 m high between stops, kelp first, on a base that stays nowhere. */
const striped = (width: number, more: object = {}) =>
  plan(
    parsed({
      format: "jacaranda-job/1",
      name: "Stripes",
      paints: ["oyster", "kelp", "brine"].map((id) => ({ id, spreadRate_m2_per_l: 10 })),
      walls: [
        {
          id: "w",
          width,
          height: 1000,
          skirting: 0,
          base: "oyster",
          leftEdge: "stop",
          rightEdge: "stop",
          ...more,
        },
      ],
      finishes: [
        { id: "s", on: "w", kind: "stripes", colours: ["kelp", "brine"], fit: { by: "count", count: 10 } },
      ],
    }),
  );
const coatsOf = ({ steps }: ReturnType<typeof striped>) =>
  steps.filter(({ kind, round }) => kind === "paint" && round === 1);

it("a wall of which a colour's overrun comes to over a quarter is rolled whole, and set out on that", () => {
  // Nine lines of 1 m by 25 mm are 0.225 m2, of the 0.5 m2 that is not kelp 45 %.
  const narrow = striped(1000);
  const first = coatsOf(narrow);
  expect(first.map(({ say }) => say.includes("rolled over all of the wall"))).toEqual([true, true]);
  // The other half of the wall twice, at 10 m2 a litre.
  const need = narrow.paint.find(({ colour }) => colour === first[0]!.colour)!;
  expect([need.terms.film_ml, need.terms.past_ml]).toEqual([expect.closeTo(100, 6), expect.closeTo(100, 6)]);
  const mark = narrow.steps.find(({ kind }) => kind === "mark")!;
  expect(mark.start).toBeGreaterThanOrEqual(first.at(-1)!.end);
  expect(narrow.steps.map(({ kind }) => kind)).not.toContain("mark-again");
  expect(
    narrow.steps.find(({ kind, round }) => kind === "tape" && round === 2)!.start,
  ).toBeGreaterThanOrEqual(mark.end);
});

it("a wall of wide pieces is not: its first colour goes past the lines, and they are struck again", () => {
  // The same nine lines, of 1.5 m2 15 %.
  const wide = striped(3000);
  const first = coatsOf(wide);
  expect(first.every(({ say }) => say.includes("25 mm past each line"))).toBe(true);
  const need = wide.paint.find(({ colour }) => colour === first[0]!.colour)!;
  // 9 m x 25 mm, two coats, at 10 m2 a litre.
  expect(need.terms.past_ml).toBeCloseTo(45, 6);
  const mark = wide.steps.find(({ kind }) => kind === "mark")!;
  expect(mark.end).toBeLessThanOrEqual(first[0]!.start);
  expect(wide.steps.map(({ kind }) => kind)).toContain("mark-again");
});
