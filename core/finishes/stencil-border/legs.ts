import { distance, type Point } from "../../geometry/point";
import { directionOf } from "../../geometry/trig";
import { heightAt } from "../../wall/polyline";
import { partAt, type Strip } from "../../wall/strip";
import { findThing } from "../findThing";
import type { StencilBorderSpec } from "./spec";

/** A straight or slightly bent part of the way between two corners; its points in order, the motif's upper side to their left. */
export interface Leg {
  readonly points: readonly Point[];
  readonly length: number;
  readonly wall: string;
  /** What it is called: "over the hatch". */
  readonly name: string;
}

/** The way of a border over a strip: along each wall, or the four sides around a thing from its upper left corner, clockwise. */
export function legsOf({ along }: StencilBorderSpec, strip: Strip): Leg[] {
  if ("around" in along) return legsAround(strip, along.around, along.gap);
  return strip.parts.flatMap(({ surface, offset, wall }) => {
    if (!surface) return [];
    const { minX, maxX } = surface.extent;
    const name = strip.parts.length > 1 ? `along ${wall.name ?? wall.id}` : "along the wall";
    if ("level" in along) {
      return [
        legOf(
          [
            { x: offset + minX, y: along.level },
            { x: offset + maxX, y: along.level },
          ],
          name,
          wall.id,
        ),
      ];
    }
    const { ceiling } = surface.shape;
    const xs = [minX, ...ceiling.map(({ x }) => x).filter((x) => x > minX && x < maxX), maxX];
    const points = xs.map((x) => ({
      x: offset + x,
      y: heightAt(ceiling, x, "lowest") - wall.cornice - along.by,
    }));
    return [legOf(points, name, wall.id)];
  });
}

const legOf = (points: readonly Point[], name: string, wall: string): Leg => ({
  points,
  name,
  wall,
  length: points.slice(1).reduce((sum, point, index) => sum + distance(points[index]!, point), 0),
});

function legsAround(strip: Strip, id: string, gap: number): Leg[] {
  const thing = findThing(strip, id)!;
  const out = gap + ("casing" in thing ? thing.casing : 0);
  const [left, right] = [thing.x - out, thing.x + thing.width + out];
  const [low, high] = [thing.y - out, thing.y + thing.height + out];
  const corners: [Point, Point, string][] = [
    [{ x: left, y: high }, { x: right, y: high }, "over it"],
    [{ x: right, y: high }, { x: right, y: low }, "down its right"],
    [{ x: right, y: low }, { x: left, y: low }, "under it"],
    [{ x: left, y: low }, { x: left, y: high }, "up its left"],
  ];
  const wall = partAt(strip, (left + right) / 2).wall.id;
  return corners.map(([a, b, name]) => legOf([a, b], name, wall));
}

/** The place so far along a leg, and the degrees by which a print is turned there. */
export function alongLeg({ points }: Leg, far: number): { readonly at: Point; readonly turn: number } {
  let left = far;
  for (let index = 0; ; index++) {
    const [a, b] = [points[index]!, points[index + 1]!];
    const length = distance(a, b);
    if (left > length && index < points.length - 2) {
      left -= length;
      continue;
    }
    const share = length === 0 ? 0 : left / length;
    return {
      at: { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share },
      turn: (directionOf(b.y - a.y, b.x - a.x) * 180) / Math.PI,
    };
  }
}
