import { lengthOf, sinCos } from "./trig";

/** A place on the wall in millimetres: x to the right, y up. Also used for directions. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const add = (a: Point, b: Point): Point => ({ x: a.x + b.x, y: a.y + b.y });
export const subtract = (a: Point, b: Point): Point => ({ x: a.x - b.x, y: a.y - b.y });
export const scale = (a: Point, factor: number): Point => ({ x: a.x * factor, y: a.y * factor });
export const cross = (a: Point, b: Point): number => a.x * b.y - a.y * b.x;
export const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;
export const distance = (a: Point, b: Point): number => lengthOf(a.x - b.x, a.y - b.y);
export const midpoint = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });

/** The point turned counter-clockwise about a centre by an angle in radians. */
export function rotateAbout(point: Point, centre: Point, angle: number): Point {
  const { sin, cos } = sinCos(angle);
  const x = point.x - centre.x;
  const y = point.y - centre.y;
  return { x: centre.x + x * cos - y * sin, y: centre.y + x * sin + y * cos };
}
