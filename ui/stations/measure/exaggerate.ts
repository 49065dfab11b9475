import type { Point } from "@/core/geometry/point";
import type { Wall } from "@/core/wall/schema";
import { shapeOfWall, sidesOf, type SideName } from "@/core/wall/wallShape";

/** How many times over the eye is shown what is out. */
export const exaggeration = 10;

/** Less than this, mm, is not worth a number on the drawing. */
const leastNoted = 1;

interface Note {
  readonly at: Point;
  /** How far the corner is out against the first of its side, mm. */
  readonly off: number;
}

/**
 * The outline with every side's departure from its first reading (at the left, at the foot) drawn ten times over, and
 * what the departures are. Real steps of more than `step` stay as they are, or they would leave the picture.
 */
export function exaggerate(wall: Wall): { points: Point[]; notes: Note[] } {
  const notes: Note[] = [];
  const step = 60;
  const grown = new Map<SideName, Point[]>();
  for (const { name, points } of sidesOf(shapeOfWall(wall))) {
    const isLevel = name === "bottom" || name === "top";
    // Sides run counter-clockwise: the top and the left one are read from their far end.
    const reference = name === "bottom" || name === "right" ? points[0]! : points.at(-1)!;
    grown.set(
      name,
      points.map((point) => {
        const off = isLevel ? point.y - reference.y : point.x - reference.x;
        const by = Math.abs(off) > step ? 0 : off * (exaggeration - 1);
        const at = isLevel ? { x: point.x, y: point.y + by } : { x: point.x + by, y: point.y };
        if (Math.abs(off) >= leastNoted && by !== 0) notes.push({ at, off });
        return at;
      }),
    );
  }
  return { points: [...cornersFirst(grown)], notes };
}

/** Each corner is moved by both of its sides: level ones give its height, upright ones its place along. */
function* cornersFirst(grown: ReadonlyMap<SideName, readonly Point[]>): Generator<Point> {
  const order = ["bottom", "right", "top", "left"] as const;
  for (const [index, name] of order.entries()) {
    const points = grown.get(name)!;
    const before = grown.get(order[(index + 3) % 4]!)!.at(-1)!;
    const isLevel = index % 2 === 0;
    yield isLevel ? { x: before.x, y: points[0]!.y } : { x: points[0]!.x, y: before.y };
    yield* points.slice(1, -1);
  }
}
