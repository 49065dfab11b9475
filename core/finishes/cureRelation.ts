import type { Cure } from "../findings/finding";
import type { Segment } from "../geometry/curve";
import { distance, type Point } from "../geometry/point";
import type { Relation } from "../wall/clearance";
import type { Handle } from "./editing";

/** Moves the line that just misses a thing onto the nearest edge of it, where the line can be taken hold of. */
export function cureRelation(
  id: string,
  { line, obstacle: { box } }: Relation,
  handles: readonly Handle[],
): Cure | undefined {
  const handle = handles.find(({ along, path: [path] }) => {
    if (!along || path?.kind !== "segment") return false;
    return areEnds(path.a, path.b, line) || areEnds(path.b, path.a, line);
  });
  if (!handle?.along) return undefined;
  const { x, y } = handle.at;
  const isUpright = handle.along.y === 0;
  const edges = isUpright ? [box.minX, box.maxX] : [box.minY, box.maxY];
  const off = (edge: number) => Math.abs(edge - (isUpright ? x : y));
  const [nearest] = edges.sort((a, b) => off(a) - off(b));
  const change = handle.moveTo(isUpright ? { x: nearest!, y } : { x, y: nearest! });
  return change ? { kind: "meet-it", count: 0, finish: id, ...change } : undefined;
}

/** mm; nearer than this in all, two ends are the line's. */
const sameEnds = 0.01;

/** Whether two places are a line's ends. Most are told by their x alone. */
const areEnds = (a: Point, b: Point, line: Segment): boolean =>
  Math.abs(a.x - line.a.x) < sameEnds && distance(a, line.a) + distance(b, line.b) < sameEnds;
