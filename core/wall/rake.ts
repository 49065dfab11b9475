import type { Point } from "../geometry/point";
import type { Strip } from "./strip";

/** A straight side that rises more than this over its run is a rake, a shape of the wall, not an error of it: a stair, half a gable. */
export const rakeFrom = 0.06;

/** Shorter than this, along the wall, it is a notch, mm. */
const leastRakeMm = 100;

/** As steep as a rake, however short; an upright step is none. */
export const isSteep = (a: Point, b: Point): boolean =>
  a.x !== b.x && Math.abs(b.y - a.y) > rakeFrom * Math.abs(b.x - a.x);

export const isRake = (a: Point, b: Point): boolean => isSteep(a, b) && Math.abs(b.x - a.x) > leastRakeMm;

/** A raking top or foot, x in the strip, its left end first, and how far it rises over its run. */
export interface Rake {
  readonly a: Point;
  readonly b: Point;
  readonly slope: number;
}

/** The longest rake of a strip; null where all is level. */
export function rakeOf({ parts }: Strip): Rake | null {
  const rakes = parts.flatMap(({ surface, offset }) =>
    (surface?.sides ?? []).flatMap(({ curve, source }): Rake[] => {
      if ((source !== "top" && source !== "bottom") || !isRake(curve.a, curve.b)) return [];
      const [left, right] = curve.a.x < curve.b.x ? [curve.a, curve.b] : [curve.b, curve.a];
      const [a, b] = [left, right].map(({ x, y }) => ({ x: x + offset, y })) as [Point, Point];
      return [{ a, b, slope: (b.y - a.y) / (b.x - a.x) }];
    }),
  );
  return rakes.reduce<Rake | null>(
    (longest, rake) => (longest && longest.b.x - longest.a.x >= rake.b.x - rake.a.x ? longest : rake),
    null,
  );
}
