import type { Box } from "../../geometry/curve";
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
  /** Where it begins when nothing stands in the corners. */
  readonly corner: Point;
}

/** What a sheet that is printed in the corners takes out of the legs: half its repeat along the leg that begins there, and along the one that ends there. */
export interface CornerRoom {
  readonly begins: number;
  readonly ends: number;
}

/**
 * The way of a border over a strip: along each wall, or the four sides around a thing, or within the edges of the first wall,
 * from the upper left corner, clockwise, each between what stands in its corners. With a join a level way is one leg around
 * all corners.
 */
export function legsOf(
  { along, fit, join }: StencilBorderSpec,
  strip: Strip,
  room: CornerRoom | null = null,
): Leg[] {
  const between = (legs: readonly Leg[]) => legs.map((leg) => (room ? shortened(leg, room) : leg));
  if ("around" in along) return between(legsAround(strip, along.around, along.gap));
  if ("inside" in along) return between(legsInside(strip, along.inside));
  const legs = legsAlong(along, strip);
  return fit === "keep" && join && legs.length > 1 ? [oneLeg(legs)] : legs;
}

/** Whether its last leg ends where the first began, at four corners. */
export const isClosed = ({ along }: Pick<StencilBorderSpec, "along">): boolean =>
  "around" in along || "inside" in along;

/** Legs that follow each other, as one; its name and wall are the first one's. */
const oneLeg = (legs: readonly Leg[]): Leg => {
  const points = legs.flatMap(({ points }, index) => (index === 0 ? points : points.slice(1)));
  return legOf(points, "around the walls", legs[0]!.wall);
};

type Along = StencilBorderSpec["along"];

function legsAlong(along: Extract<Along, { level: number } | { by: number }>, strip: Strip): Leg[] {
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
  corner: points[0]!,
  length: points.slice(1).reduce((sum, point, index) => sum + distance(points[index]!, point), 0),
});

function legsAround(strip: Strip, id: string, gap: number): Leg[] {
  const thing = findThing(strip, id)!;
  const out = gap + ("casing" in thing ? thing.casing : 0);
  const box = {
    minX: thing.x - out,
    maxX: thing.x + thing.width + out,
    minY: thing.y - out,
    maxY: thing.y + thing.height + out,
  };
  const wall = partAt(strip, (box.minX + box.maxX) / 2).wall.id;
  return legsOfBox(box, wall, ["over it", "down its right", "under it", "up its left"]);
}

/** None where so much is left off that nothing remains between. */
function legsInside({ parts }: Strip, by: number): Leg[] {
  const on = parts.find(({ surface }) => surface);
  if (!on?.surface) return [];
  const { minX, maxX, minY, maxY } = on.surface.extent;
  const box = { minX: on.offset + minX + by, maxX: on.offset + maxX - by, minY: minY + by, maxY: maxY - by };
  if (box.maxX <= box.minX || box.maxY <= box.minY) return [];
  return legsOfBox(box, on.wall.id, ["along its top", "down its right", "along its foot", "up its left"]);
}

function legsOfBox({ minX, maxX, minY, maxY }: Box, wall: string, names: readonly string[]): Leg[] {
  const corners = [
    { x: minX, y: maxY },
    { x: maxX, y: maxY },
    { x: maxX, y: minY },
    { x: minX, y: minY },
  ];
  return corners.map((a, index) => legOf([a, corners[(index + 1) % 4]!], names[index]!, wall));
}

/** A straight leg between the corners' own prints; nothing of it where they meet. */
function shortened(leg: Leg, { begins, ends }: CornerRoom): Leg {
  const [a, b] = [leg.points[0]!, leg.points.at(-1)!];
  const length = Math.max(0, leg.length - begins - ends);
  const at = (far: number): Point => ({
    x: a.x + ((b.x - a.x) * far) / leg.length,
    y: a.y + ((b.y - a.y) * far) / leg.length,
  });
  const from = Math.min(begins, leg.length);
  return { ...leg, length, points: [at(from), at(from + length)] };
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
