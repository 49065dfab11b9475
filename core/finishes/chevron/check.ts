import type { Finding } from "../../findings/finding";
import { directionOf } from "../../geometry/trig";
import { acuteAngleDegrees } from "../../trade/constants";
import type { Strip } from "../../wall/strip";
import { maximumCount } from "../../fit/schema";
import { layOutChevron } from "./layout";
import type { ChevronSpec } from "./spec";

/** Tape that eats the pattern, turns too sharp to paint, too many cells. */
export function checkChevron(spec: ChevronSpec, strip: Strip): Finding[] {
  const { columns, column, row, zigzags, halfLine, halfLineUp } = layOutChevron(spec, strip);
  if (columns * zigzags > maximumCount * 5) {
    return [{ code: "too-many-divisions", severity: "stop", values: { count: columns * zigzags }, at: null }];
  }
  const left = Math.min(row - 2 * halfLineUp, spec.uprights ? column - 2 * halfLine : Infinity);
  const findings: Finding[] = [];
  if (left <= 0) {
    return [
      { code: "line-eats-pattern", severity: "stop", values: { line: spec.lineWidth, left: 0 }, at: null },
    ];
  }
  if (spec.lineWidth > left) {
    findings.push({
      code: "line-eats-pattern",
      severity: "check",
      values: { line: spec.lineWidth, left },
      at: null,
    });
  }
  // A turn's angle is twice the angle between a zigzag and the plumb line.
  const turn = (2 * directionOf(column, spec.rise) * 180) / Math.PI;
  if (turn < acuteAngleDegrees) {
    findings.push({ code: "acute-angle", severity: "check", values: { degrees: turn }, at: null });
  }
  return findings;
}
