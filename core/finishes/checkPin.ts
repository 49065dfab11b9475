import type { Cure, Finding } from "../findings/finding";
import { distance, type Point } from "../geometry/point";
import { jointMm, reachMm } from "../trade/constants";
import { boxOfWall } from "../wall/boxOfWall";
import type { Strip } from "../wall/strip";

/** A centre whose pin finds no hold because it is off the wall, or that is out of reach; `cureWith` moves it. */
export function checkPin(
  centre: Point,
  strip: Strip,
  cureWith: (to: Point) => Omit<Cure, "kind" | "count">,
): Finding[] {
  const { isOff, above } = holdOfPin(centre, strip);
  if (!isOff && above <= reachMm) return [];
  const cure: Cure = { kind: "pin-on-wall", count: 0, ...cureWith(holdNearest(centre, strip, above)) };
  return [
    { code: "out-of-reach", severity: "check", values: { isOff, above }, at: isOff ? null : centre, cure },
  ];
}

/** The place nearest to a centre where a wall of the strip gives hold within reach. */
function holdNearest(centre: Point, { parts }: Strip, above: number): Point {
  const top = centre.y - above + reachMm;
  const within = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));
  const places = parts.flatMap(({ surface, offset }) => {
    if (!surface) return [];
    const { minX, maxX, minY, maxY } = surface.extent;
    return [
      { x: within(centre.x, minX + offset, maxX + offset), y: within(centre.y, minY, Math.min(maxY, top)) },
    ];
  });
  return places.reduce((best, place) => (distance(place, centre) < distance(best, centre) ? place : best));
}

/** Whether a pin is off the walls, and its height above their lowest foot; mm. It may stand on trim or in the joint at the floor. */
function holdOfPin({ x, y }: Point, { parts }: Strip): { isOff: boolean; above: number } {
  const boxes = parts.map(({ wall, offset }) => ({ ...boxOfWall(wall), offset }));
  const isOff = !boxes.some(
    (box) =>
      x >= box.minX + box.offset - jointMm &&
      x <= box.maxX + box.offset + jointMm &&
      y >= box.minY - jointMm &&
      y <= box.maxY + jointMm,
  );
  return { isOff, above: y - Math.min(...boxes.map((box) => box.minY)) };
}
