import fc from "fast-check";
import { expect, it } from "vitest";
import { segment, type Curve } from "../geometry/curve";
import { distance } from "../geometry/point";
import type { Pattern } from "../pattern/pattern";
import { wallSchema } from "../wall/schema";
import { listLater } from "./listLater";
import { runsOf } from "@/core/tests/runsOf";

const wall = (...fixtures: object[]) =>
  wallSchema.parse({ id: "w", base: "p", width: 4000, height: 2500, fixtures });
const ledge = (more: object = {}) => ({
  id: "l",
  kind: "ledge",
  x: 1000,
  y: 1200,
  width: 800,
  height: 40,
  ...more,
});
const edges = (...curves: Curve[]) =>
  ({ edges: curves.map((curve) => ({ curve, left: 0, right: 1 })) }) as unknown as Pattern;

it("hides as much of a slanted edge as counting along it finds behind the thing", () => {
  const place = fc.record({ x: fc.integer({ min: 0, max: 4000 }), y: fc.integer({ min: 0, max: 2500 }) });
  fc.assert(
    fc.property(place, place, (a, b) => {
      fc.pre(distance(a, b) > 10);
      const [later] = listLater(wall(ledge()), edges(segment(a, b)));
      const steps = 20_000;
      let behind = 0;
      for (let index = 0; index < steps; index++) {
        const share = (index + 0.5) / steps;
        const [x, y] = [a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share];
        if (x > 1000 && x < 1800 && y > 1200 && y < 1240) behind += 1;
      }
      expect(Math.abs(later!.hidesMm - (behind / steps) * distance(a, b))).toBeLessThan(1);
    }),
    runsOf(60),
  );
});

it("a ledge is held where it says, or as its width asks; a picture hangs from one place", () => {
  const xs = (more: object) =>
    listLater(wall(ledge(more)), edges())[0]!.fixings.map(({ x }) => Math.round(x));
  expect(xs({})).toEqual([1080, 1400, 1720]);
  expect(xs({ width: 400 })).toEqual([1040, 1360]);
  expect(xs({ fixings: 5 })).toEqual([1080, 1240, 1400, 1560, 1720]);
  expect(xs({ kind: "picture" })).toEqual([1400]);
  expect(listLater(wall(ledge({ kind: "shelf" }), ledge({ id: "m", kind: "furniture" })), edges())).toEqual(
    [],
  );
});
