import fc from "fast-check";
import { expect, it } from "vitest";
import { linesOfTape } from "./linesOfTape";
import type { PlanLine, PlanPoint } from "../plan/planTypes";

const line = (id: string, a: PlanPoint, b: PlanPoint): PlanLine => ({
  id,
  finish: "f",
  key: id,
  index: 0,
  kind: "slant",
  path: [a, b],
  use: id,
});
const place = fc.tuple(fc.integer({ min: -5000, max: 5000 }), fc.integer({ min: -3000, max: 3000 }));

it("finds the line that a tape lies along whichever way either is walked, as looking at every line would", () => {
  const lines = fc
    .array(fc.tuple(place, place), { minLength: 1, maxLength: 12 })
    .map((pairs) =>
      pairs.flatMap(([a, b], index) =>
        Math.hypot(b[0] - a[0], b[1] - a[1]) < 50 ? [] : [line(`l${index}`, a, b)],
      ),
    );
  fc.assert(
    fc.property(
      lines,
      fc.nat(),
      fc.double({ min: 0, max: 0.4, noNaN: true }),
      fc.boolean(),
      (all, pick, share, turned) => {
        if (all.length === 0) return;
        const [[ax, ay], [bx, by]] = all[pick % all.length]!.path;
        const at = (t: number): PlanPoint => [ax + (bx - ax) * t, ay + (by - ay) * t];
        const tape = turned ? [at(share + 0.5), at(share)] : [at(share), at(share + 0.5)];
        const isOn = ({ path: [a, b] }: PlanLine) =>
          tape.every(
            ([x, y]) =>
              Math.abs((b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0])) /
                Math.hypot(b[0] - a[0], b[1] - a[1]) <
              0.1,
          );
        const found = linesOfTape(all)(tape);
        expect(all.filter(isOn).map(({ id }) => id)).toContain(found);
      },
    ),
  );
});

it("answers the first of lines that are the same, and none for a tape beside all of them", () => {
  const find = linesOfTape([line("plumb", [1000, 0], [1000, 2600]), line("again", [1000, 2600], [1000, 0])]);
  expect(
    find([
      [1000, 2000],
      [1000, 300],
    ]),
  ).toBe("plumb");
  expect(
    find([
      [1001, 2000],
      [1001, 300],
    ]),
  ).toBeUndefined();
  // It crosses the line, and does not lie along it.
  expect(
    find([
      [900, 1000],
      [1100, 1000],
    ]),
  ).toBeUndefined();
});
