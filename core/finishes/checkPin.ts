import type { Cure, Finding } from "../findings/finding";
import type { Point } from "../geometry/point";
import { reachMm } from "../trade/constants";
import { boxOfWall } from "../wall/boxOfWall";
import type { Strip } from "../wall/strip";

/** How far beyond the wall a pin still finds hold in the joint. */
const jointMm = 5;

/** A centre whose pin finds no hold because it is off the wall, or that is out of reach; `cureWith` moves it. */
export function checkPin(
  centre: Point,
  strip: Strip,
  cureWith: (to: Point) => Omit<Cure, "kind" | "count">,
): Finding[] {
  const { isOff, above } = holdOfPin(centre, strip);
  if (!isOff && above <= reachMm) return [];
  const { minX, maxX, minY, maxY } = strip.extent;
  const foot = centre.y - above;
  const within = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));
  const to = { x: within(centre.x, minX, maxX), y: within(centre.y, minY, Math.min(maxY, foot + reachMm)) };
  const cure: Cure = { kind: "pin-on-wall", count: 0, ...cureWith(to) };
  return [
    { code: "out-of-reach", severity: "check", values: { isOff, above }, at: isOff ? null : centre, cure },
  ];
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
