import type { Finding } from "../../findings/finding";
import { reachMm } from "../../trade/constants";
import { boxOfWall } from "../../wall/boxOfWall";
import type { Strip } from "../../wall/strip";
import type { ArchesSpec } from "./spec";

/** How far beyond the wall a pin still finds hold in the joint. */
const jointMm = 5;

/** A pin that is off the wall or out of reach, and bands that the wall's edges cut off. */
export function checkArches({ centre: [x, y], outerRadius, from, to }: ArchesSpec, strip: Strip): Finding[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  const at = { x, y };
  if (
    x + outerRadius <= minX ||
    x - outerRadius >= maxX ||
    y + outerRadius <= minY ||
    y - outerRadius >= maxY
  ) {
    return [{ code: "off-wall", severity: "check", values: { thing: "the arch" }, at: null }];
  }
  const findings: Finding[] = [];
  // A pin may stand on the skirting or in the joint at the floor, but not beyond the wall.
  const boxes = strip.parts.map(({ wall, offset }) => ({ ...boxOfWall(wall), offset }));
  const isOff = !boxes.some(
    (box) =>
      x >= box.minX + box.offset - jointMm &&
      x <= box.maxX + box.offset + jointMm &&
      y >= box.minY - jointMm &&
      y <= box.maxY + jointMm,
  );
  const above = y - Math.min(...boxes.map((box) => box.minY));
  if (isOff || above > reachMm) {
    findings.push({
      code: "out-of-reach",
      severity: "check",
      values: { isOff, above },
      at: isOff ? null : at,
    });
  }
  // Whether the arch's highest point lies within its angles: 90 degrees, or a full turn from it.
  const holdsTop = [90, 450, -270].some((angle) => angle >= from && angle <= to);
  const over = y + outerRadius - maxY;
  if (holdsTop && over > 0 && x > minX && x < maxX) {
    findings.push({
      code: "cut-off",
      severity: "check",
      values: { over, room: maxY - y },
      at: { x, y: maxY },
    });
  }
  return findings;
}
