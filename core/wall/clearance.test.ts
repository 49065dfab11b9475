import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { segment } from "../geometry/curve";
import { obstaclesOf, relateLines } from "./clearance";
import { wallSchema } from "./schema";
import { joinWalls } from "./strip";
import { buildSurface } from "./surface";

const surfaceOf = (more: object) => {
  const { surface } = buildSurface(
    wallSchema.parse({ id: "w", base: "b", width: 4000, height: 2500, ...more }),
  );
  return surface!;
};
const strip = (more: object) => {
  const surface = surfaceOf(more);
  return joinWalls([surface.wall], () => surface);
};
const plumb = (x: number) => segment({ x, y: 0 }, { x, y: 2500 });
const kinds = (more: object, ...xs: number[]) =>
  relateLines(xs.map(plumb), obstaclesOf(strip(more))).map(({ kind, obstacle, gap }) => [
    kind,
    obstacle.thing,
    gap,
  ]);

describe("what a line comes close to", () => {
  const plate = { fixtures: [{ id: "s", kind: "plate", x: 1000, y: 1100, width: 80, height: 80 }] };
  const hatch = {
    openings: [
      { id: "h", name: "hatch", kind: "window", x: 2000, y: 900, width: 800, height: 800, casing: 70 },
    ],
  };

  it("is missed, met or cleared", () => {
    expect(kinds(plate, 991)).toEqual([["near-miss", "the plate", 9]]);
    expect(kinds(plate, 1000)).toEqual([["meets", "the plate", 0]]);
    expect(kinds(plate, 1040)).toEqual([["meets", "the plate", 0]]);
    expect(kinds(plate, 1092)).toEqual([["near-miss", "the plate", 12]]);
    expect(kinds(plate, 1093)).toEqual([]);
  });

  it("leaves a sliver beside a casing, but not beside a plate", () => {
    // The casing reaches from 1930 to 2870.
    expect(kinds(hatch, 1900)).toEqual([["sliver", "the casing of the hatch", 30]]);
    // One place is one finding.
    expect(kinds(hatch, 1925)).toEqual([["near-miss", "the casing of the hatch", 5]]);
    expect(kinds(hatch, 2910)).toEqual([]);
    expect(kinds(plate, 970)).toEqual([]);
  });

  it("knows the corners of the room", () => {
    expect(kinds({}, 6, 3990)).toEqual([
      ["near-miss", "the left corner", 6],
      ["near-miss", "the right corner", 10],
    ]);
  });

  it("agrees with trying many points along the line", () => {
    const place = fc.integer({ min: 0, max: 2400 });
    fc.assert(
      fc.property(place, place, place, place, (x1, y1, x2, y2) => {
        fc.pre(Math.hypot(x2 - x1, y2 - y1) > 50);
        const line = segment({ x: x1, y: y1 }, { x: x2, y: y2 });
        const found = relateLines([line], obstaclesOf(strip(plate))).find(
          ({ obstacle }) => obstacle.kind === "plate",
        );
        let nearest = Infinity;
        for (let t = 0; t <= 1; t += 0.0005) {
          const [x, y] = [x1 + (x2 - x1) * t, y1 + (y2 - y1) * t];
          nearest = Math.min(
            nearest,
            Math.hypot(Math.max(1000 - x, 0, x - 1080), Math.max(1100 - y, 0, y - 1180)),
          );
        }
        if (found?.kind === "near-miss") expect(Math.abs(found.gap - nearest)).toBeLessThan(1);
        else if (found) expect(nearest).toBeLessThan(1);
        else expect(nearest).toBeGreaterThan(11);
      }),
    );
  });
});

describe("surfaces with shaped openings", () => {
  it("have their areas in closed form", () => {
    const arch = { id: "o", kind: "door", shape: "arch", x: 500, y: 0, width: 1000, height: 2000, rise: 500 };
    // A half circle of 500 over a rectangle 1000 x 1500; its casing of 60 widens both, cut off at the floor.
    const plain = 4000 * 2500 - (1000 * 1500 + (Math.PI / 2) * 500 ** 2);
    expect(surfaceOf({ openings: [arch] }).area).toBeCloseTo(plain, 4);
    const cased = 4000 * 2500 - (1120 * 1500 + (Math.PI / 2) * 560 ** 2);
    expect(surfaceOf({ openings: [{ ...arch, casing: 60 }] }).area).toBeCloseTo(cased, 4);
    // A flat arch, chord 1000 and rise 200: radius 725; segment area r^2 (s - sin s) / 2 with s = 2 asin(500 / 725).
    const sweep = 2 * Math.asin(500 / 725);
    const flat = 1000 * 1800 + (725 ** 2 * (sweep - Math.sin(sweep))) / 2;
    expect(surfaceOf({ openings: [{ ...arch, rise: 200 }] }).area).toBeCloseTo(4000 * 2500 - flat, 4);
  });
});
