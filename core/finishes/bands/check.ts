import type { Finding } from "../../findings/finding";
import { segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import type { Strip } from "../../wall/strip";
import { checkRelations } from "../checkRelations";
import { layOutBands } from "./layout";
import type { BandsSpec } from "./spec";

/** Bands that are off the wall or overlap after all, and edges that just miss something. */
export function checkBands(spec: BandsSpec, strip: Strip): Finding[] {
  const bands = layOutBands(spec, strip);
  const findings: Finding[] = [];
  const { minX, maxX, minY, maxY } = strip.extent;
  const height = maxY - minY;
  for (const [place, { from, to, index }] of bands.entries()) {
    const isOff = spec.datum === "level" ? to <= minY || from >= maxY : to <= 0 || from >= height;
    if (isOff) {
      findings.push({
        code: "off-wall",
        severity: "check",
        values: { thing: `band ${index + 1}` },
        at: null,
      });
    }
    const before = bands[place - 1];
    if (before && from < before.to - 1e-6) {
      const values = { first: `band ${before.index + 1}`, second: `band ${index + 1}` };
      findings.push({ code: "bands-overlap", severity: "stop", values, at: null });
    }
  }
  if (spec.datum !== "level") return findings;
  const edges = bands.flatMap(({ from, to }) => [from, to]).filter((y) => y > minY && y < maxY);
  const lines = edges.map((y) => segment({ x: minX, y }, { x: maxX, y }));
  return [...findings, ...checkRelations(relateLines(lines, obstaclesOf(strip)))];
}
