import type { Cure, Finding } from "../../findings/finding";
import type { Strip } from "../../wall/strip";
import { checkPin } from "../checkPin";
import { written } from "../editing";
import type { ArchesLayout } from "./layout";
import type { ArchesSpec } from "./spec";

/** A pin that is off the wall or out of reach, and bands that the wall's edges cut off. */
export function checkArches({ spec, strip }: ArchesLayout): Finding[] {
  const { outerRadius, from, to, id } = spec;
  const [x, y] = spec.centre;
  const { minX, maxX, minY, maxY } = strip.extent;
  if (
    x + outerRadius <= minX ||
    x - outerRadius >= maxX ||
    y + outerRadius <= minY ||
    y - outerRadius >= maxY
  ) {
    const set = { centre: written({ x: (minX + maxX) / 2, y: minY }) };
    const cure = { kind: "onto-wall", count: 0, finish: id, set } as const;
    return [{ code: "off-wall", severity: "check", values: { thing: "the arch" }, at: null, cure }];
  }
  const findings = checkPin({ x, y }, strip, (to) => ({ finish: id, set: { centre: written(to) } }));
  // Whether the arch's highest point lies within its angles: 90 degrees, or a full turn from it.
  const holdsTop = [90, 450, -270].some((angle) => angle >= from && angle <= to);
  const over = y + outerRadius - maxY;
  if (holdsTop && over > 0 && x > minX && x < maxX) {
    findings.push({
      code: "cut-off",
      severity: "check",
      values: { over, room: maxY - y },
      at: { x, y: maxY },
      cure: fitUnder(spec, over, strip),
    });
  }
  return findings;
}

/** A longest string as long as there is room, where the bands still fit inside it; else the centre lower down. */
function fitUnder(
  { id, outerRadius, bands, centre: [x, y] }: ArchesSpec,
  over: number,
  strip: Strip,
): Cure | undefined {
  const room = Math.floor(outerRadius - over);
  const wide = bands.reduce((sum, band) => sum + ("gap" in band ? band.gap : band.width), 0);
  if (room >= wide && room > 0)
    return { kind: "fit-arch", count: room, finish: id, set: { outerRadius: room } };
  const lower = Math.ceil(over);
  return y - lower >= strip.extent.minY
    ? { kind: "lower-arch", count: lower, finish: id, set: { centre: written({ x, y: y - lower }) } }
    : undefined;
}
