import fc from "fast-check";
import { expect, it } from "vitest";
import { throwZigzags } from "../throwZigzags";

const box = { minX: 0, maxX: 3600, minY: -1000, maxY: 1500 };

it("one zigzag a column, from side to side, each corner open enough and no face too small", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 0, max: 9999 }),
      fc.integer({ min: 10, max: 45 }),
      (count, seed, leastAngle) => {
        const random = { way: "zigzag", count, seed, leastAngle, leastFace: 0.02 } as const;
        const lines = throwZigzags(random, box) as [number, number][][];
        expect(lines).toEqual(throwZigzags(random, box));
        expect(lines).toHaveLength(2 * count - 1);
        const column = 3600 / count;
        lines.slice(count - 1).forEach((points, place) => {
          expect(points[0]![1]).toBeLessThanOrEqual(box.minY);
          expect(points.at(-1)![1]).toBeGreaterThan(box.maxY);
          const climbs = points.slice(1).map(([x, y], leg) => {
            expect(Math.abs(x - points[leg]![0])).toBeCloseTo(column, -0.5);
            expect(Math.min(x, points[leg]![0])).toBe(Math.round(place * column));
            return y - points[leg]![1];
          });
          for (const climb of climbs) {
            const toUpright = (Math.atan2(column, climb) * 180) / Math.PI;
            expect(toUpright).toBeGreaterThan(Math.min(leastAngle, 80) - 0.6);
          }
          climbs.slice(1).forEach((climb, leg) => {
            const between = Math.atan2(climb, column) + Math.atan2(climbs[leg]!, column);
            expect((between * 180) / Math.PI).toBeGreaterThan(leastAngle - 1.2);
            expect((column * (climb + climbs[leg]!)) / 2).toBeGreaterThan(0.02e6 - column * 2);
          });
        });
      },
    ),
  );
});
