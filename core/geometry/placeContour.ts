import { moveCurve, reverseContour, type Box, type Contour, type Curve } from "./curve";
import type { Point } from "./point";
import { sinCos } from "./trig";

/** Where something drawn about an origin comes to lie: mirrored left for right first, then turned, then moved. */
export interface Pose {
  readonly at: Point;
  /** Degrees, counter-clockwise. */
  readonly turn: number;
  readonly mirrored: boolean;
}

/** Moves points as a pose says. */
export function poser({ at, turn, mirrored }: Pose): (point: Point) => Point {
  const { sin, cos } = sinCos((turn * Math.PI) / 180);
  return ({ x, y }) => {
    const along = mirrored ? -x : x;
    return { x: at.x + along * cos - y * sin, y: at.y + along * sin + y * cos };
  };
}

/** A contour as a pose places it; it keeps its sense of turning when it is mirrored. */
export function placeContour(contour: Contour, pose: Pose): Contour {
  const place = poser(pose);
  const move = (curve: Curve): Curve => {
    const ends = { a: place(curve.a), b: place(curve.b) };
    if (curve.kind === "segment") return { kind: "segment", ...ends };
    const sweep = pose.mirrored ? -curve.sweep : curve.sweep;
    return { kind: "arc", ...ends, centre: place(curve.centre), radius: curve.radius, sweep };
  };
  const moved = contour.map(move);
  return pose.mirrored ? reverseContour(moved) : moved;
}

/** A contour moved, neither turned nor mirrored. */
export const moveContour = (contour: Contour, by: Point): Contour =>
  contour.map((curve) => moveCurve(curve, by.x, by.y));

/** The upright box around a box that is placed by a pose. */
export function placeBox({ minX, minY, maxX, maxY }: Box, pose: Pose): Box {
  if (pose.turn === 0 && !pose.mirrored) {
    const { x, y } = pose.at;
    return { minX: minX + x, minY: minY + y, maxX: maxX + x, maxY: maxY + y };
  }
  const corners = [
    { x: minX, y: minY },
    { x: maxX, y: minY },
    { x: maxX, y: maxY },
    { x: minX, y: maxY },
  ].map(poser(pose));
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  return { minX: Math.min(...xs), minY: Math.min(...ys), maxX: Math.max(...xs), maxY: Math.max(...ys) };
}
