import fc from "fast-check";
import { expect, it } from "vitest";
import type { Contour } from "../geometry/curve";
import { cutWall } from "./cutWall";
import type { Design } from "./pattern";
import { designOf, opening, surfaceOf } from "./tests/prints";
import { runsOf } from "@/core/tests/runsOf";

it("prints in rows, cut by the same edges, lie as each of them alone would", () => {
  const lattice = fc.record({
    x: fc.integer({ min: -60, max: 60 }),
    y: fc.integer({ min: -60, max: 60 }),
    // A third of a mm, so that the same place is not told by the same digits.
    step: fc.integer({ min: 600, max: 1000 }).map((thirds) => thirds / 3),
    turn: fc.constantFrom(0, 90, 180, 37),
    mirrored: fc.boolean(),
  });
  fc.assert(
    fc.property(lattice, opening, ({ x, y, step, ...turned }, hole) => {
      const surface = surfaceOf([hole]);
      const poses = Array.from({ length: 42 }, (_, place) => ({
        x: x + (place % 7) * step,
        y: y + Math.floor(place / 7) * step,
        ...turned,
      }));
      const placed = (design: Design) =>
        cutWall(surface, [{ finish: "f", design, offset: 0 }]).placements.map(({ id, kept, ...print }) => ({
          ...print,
          id,
          kept: kept?.map(({ paint, contours, areaM2 }) => ({
            paint,
            mm2: areaM2 * 1e6,
            middle: contours.map((contour) => middleOf(contour)),
          })),
        }));
      const design = designOf(poses);
      const alone = design.placements!.flatMap((draft) => placed({ ...design, placements: [draft] }));
      const together = placed(design);
      const [one, all] = [readOut(alone), readOut(together)];
      expect(all.said).toBe(one.said);
      all.numbers.forEach((number, place) => expect(number).toBeCloseTo(one.numbers[place]!, 3));
      expect(all.numbers).toHaveLength(one.numbers.length);
    }),
    runsOf(60),
  );
});

const middleOf = (contour: Contour) => {
  const sum = (of: "x" | "y") => contour.reduce((total, { a }) => total + a[of], 0) / contour.length;
  return [sum("x"), sum("y")];
};
/** What is said of prints, and the numbers in it, in their order. */
function readOut(value: unknown): { said: string; numbers: number[] } {
  const numbers: number[] = [];
  const said = JSON.stringify(value, (_, each: unknown) =>
    typeof each === "number" ? void numbers.push(each) : each,
  );
  return { said, numbers };
}
