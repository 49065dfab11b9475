import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arrange } from "../geometry/arrange";
import { rectangleContour } from "../geometry/contour";
import { segment } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import { facesOnSurface, facesWithin } from "./facesOnSurface";
import { openingContour } from "./openingContour";
import { placeTolerance } from "./outline";
import { openingSchema, wallSchema } from "./schema";
import { buildSurface, isOnSurface } from "./surface";
import { runsOf } from "@/core/tests/runsOf";

const [width, height] = [3000, 2000];
const wallWith = (openings: readonly object[]) =>
  wallSchema.parse({ id: "w", base: "p", width, height, openings });
const window = (id: string, x: number, y: number, wide: number, high: number, more: object = {}) => ({
  id,
  kind: "window",
  x,
  y,
  width: wide,
  height: high,
  ...more,
});

describe("what lies on a surface", () => {
  const opening = fc.record({
    x: fc.integer({ min: 0, max: 2600 }),
    y: fc.integer({ min: 0, max: 1600 }),
    width: fc.integer({ min: 50, max: 400 }),
    height: fc.integer({ min: 50, max: 400 }),
    shape: fc.constantFrom("rectangle", "circle"),
    casing: fc.constantFrom(0, 60),
  });
  /** A round one is as high as it is wide. */
  const asOpening = (place: { shape: string; width: number; height: number }, index: number) => ({
    id: `o${index}`,
    kind: "window",
    ...place,
    height: place.shape === "circle" ? place.width : place.height,
  });
  const line = fc.tuple(...[0, 1, 2, 3].map(() => fc.integer({ min: -200, max: 3200 })));

  it("is what points say that lie well inside, for any openings and lines across them", () => {
    fc.assert(
      fc.property(fc.array(opening, { maxLength: 4 }), fc.array(line, { maxLength: 5 }), (places, lines) => {
        const wall = wallWith(places.map(asOpening));
        const { surface } = buildSurface(wall);
        if (!surface) return;
        const across = lines
          .filter(([ax, ay, bx, by]) => ax !== bx || ay !== by)
          .map(([ax, ay, bx, by], index) => ({
            curve: segment({ x: ax!, y: ay! }, { x: bx!, y: by! }),
            source: `line-${index}`,
          }));
        const arrangement = arrange<string>([...surface.curves, ...across], placeTolerance);
        const isOn = facesOnSurface(surface.curves, arrangement);
        arrangement.faces.forEach((face, index) => {
          if (face.area > 100) expect(isOn[index]).toBe(isOnSurface(surface, interiorPoint(face)));
        });
        const sum = arrangement.faces.reduce((total, { area }, index) => total + (isOn[index] ? area : 0), 0);
        expect(Math.abs(sum - surface.area)).toBeLessThanOrEqual(1e-6 * surface.area);
      }),
      runsOf(150),
    );
  });

  it("takes one opening over another once, and lets one reach over the outline", () => {
    // 3000 x 2000 less 600 x 500 and 600 x 500 that share 300 x 500; and a hatch on the floor with its casing cut off.
    const openings = [
      window("a", 500, 700, 600, 500),
      window("b", 800, 700, 600, 500),
      window("c", 2000, 0, 400, 300, { casing: 50 }),
    ];
    const { surface } = buildSurface(wallWith(openings));
    expect(surface!.area).toBeCloseTo(width * height - 900 * 500 - 500 * 350, 6);
  });

  it("counts an edge that outline and opening share as crossed twice", () => {
    const outline = rectangleContour(0, 0, 100, 100).map((curve, side) => ({
      curve,
      source: ["bottom", "right", "top", "left"][side]!,
    }));
    const hatch = openingSchema.parse(window("h", 0, 20, 40, 30));
    const curves = [...outline, ...openingContour(hatch, 0).map((curve) => ({ curve, source: "opening h" }))];
    const arrangement = arrange<string>(curves, placeTolerance);
    const areas = (isOn: readonly boolean[]) =>
      arrangement.faces.filter((_, index) => isOn[index]).reduce((sum, { area }) => sum + area, 0);
    expect(areas(facesWithin(curves, arrangement))).toBeCloseTo(100 * 100 - 40 * 30, 9);
    expect(areas(facesOnSurface(curves, arrangement))).toBeCloseTo(100 * 100 - 40 * 30, 9);
  });
});
