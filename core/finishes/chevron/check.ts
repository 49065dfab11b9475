import type { Finding } from "../../findings/finding";
import { segment } from "../../geometry/curve";
import { directionOf, lengthOf, sinCos } from "../../geometry/trig";
import { acuteAngleDegrees, leastDivisionMm } from "../../trade/constants";
import { checkNearMisses } from "../checkNearMisses";
import { checkRake } from "../meetRake";
import { checkLineWidth } from "../checkLineWidth";
import { maximumCount } from "../../fit/schema";
import { checkFills } from "../fillsByHand";
import { designChevron } from "./design";
import type { ChevronLayout } from "./layout";

/** Tape that eats the pattern, turns too sharp to paint, too many cells. */
export function checkChevron(layout: ChevronLayout): Finding[] {
  const { spec, strip, columns, column, row, zigzags, halfLine, halfLineUp } = layout;
  if (columns * zigzags > maximumCount * 5) {
    return [
      {
        code: "too-many-divisions",
        severity: "stop",
        values: { count: columns * zigzags, of: "cells" },
        at: null,
      },
    ];
  }
  // Two zigzags stand row x cos(slope) apart, square to them.
  if (Math.min(column, (row * column) / lengthOf(column, spec.rise)) < leastDivisionMm) {
    return [{ code: "too-narrow", severity: "stop", values: { width: leastDivisionMm }, at: null }];
  }
  const left = Math.min(row - 2 * halfLineUp, spec.uprights ? column - 2 * halfLine : Infinity);
  const findings = [
    ...checkRake(spec, strip),
    ...checkLineWidth(spec.id, spec.lineWidth, left, layout.context.edges.tapes),
  ];
  if (findings.some(({ severity }) => severity === "stop")) return findings;
  // A turn's angle is twice the angle between a zigzag and the plumb line.
  const turn = (2 * directionOf(column, spec.rise) * 180) / Math.PI;
  if (turn < acuteAngleDegrees) {
    // Half the least angle lies between a zigzag and the plumb line: rise = column / tan(7.5 degrees).
    const { sin, cos } = sinCos((acuteAngleDegrees / 2 / 180) * Math.PI);
    const set = { rise: Math.floor((column * cos) / sin) };
    const cure = { kind: "open-angle", count: 0, finish: spec.id, set } as const;
    findings.push({ code: "acute-angle", severity: "check", values: { degrees: turn }, at: null, cure });
  }
  if (spec.uprights) {
    const { minY, maxY } = strip.extent;
    const uprights = Array.from({ length: columns - 1 }, (_, place) => layout.left + (place + 1) * column);
    const lines = uprights.map((x) => segment({ x, y: minY }, { x, y: maxY }));
    findings.push(...checkNearMisses(lines, strip));
  }
  if (spec.fills.length === 0) return findings;
  const { pieceAt } = designChevron({ ...layout, spec: { ...spec, fills: [] } })[0]!;
  return [...findings, ...checkFills(spec.id, pieceAt, spec.fills, strip)];
}
