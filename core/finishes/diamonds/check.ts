import type { Finding } from "../../findings/finding";
import { maximumCount } from "../../fit/schema";
import { directionOf, lengthOf, sinCos } from "../../geometry/trig";
import { acuteAngleDegrees, leastDivisionMm } from "../../trade/constants";
import type { Strip } from "../../wall/strip";
import { checkRake } from "../meetRake";
import { checkLineWidth } from "../checkLineWidth";
import { checkFills } from "../fillsByHand";
import { designDiamonds } from "./design";
import type { DiamondLayout } from "./layout";

/** Tape that eats the pattern, tips too sharp to paint, too many cells. */
export function checkDiamonds(layout: DiamondLayout): Finding[] {
  const { spec, strip, columns, rows, width, height, share } = layout;
  if (columns * rows > maximumCount * 5) {
    return [
      {
        code: "too-many-divisions",
        severity: "stop",
        values: { count: columns * rows, of: "cells" },
        at: null,
      },
    ];
  }
  // Two sides of a rhombus stand wh / sqrt(w^2 + h^2) apart.
  if ((width * height) / lengthOf(width, height) < leastDivisionMm) {
    return [{ code: "too-narrow", severity: "stop", values: { width: leastDivisionMm }, at: null }];
  }
  const left = Math.min(width, height) * share;
  const findings = [
    ...checkRake(spec, strip),
    ...checkLineWidth(spec.id, spec.lineWidth, left, layout.context.edges.tapes),
  ];
  if (findings.some(({ severity }) => severity === "stop")) return findings;
  const tip = (2 * directionOf(Math.min(width, height), Math.max(width, height)) * 180) / Math.PI;
  if (tip < acuteAngleDegrees) {
    const cure = {
      kind: "open-angle",
      count: 0,
      finish: spec.id,
      set: openTips(width, height, strip),
    } as const;
    findings.push({ code: "acute-angle", severity: "check", values: { degrees: tip }, at: null, cure });
  }
  if (spec.fills.length === 0) return findings;
  const { pieceAt } = designDiamonds({ ...layout, spec: { ...spec, fills: [] } })[0]!;
  return [...findings, ...checkFills(spec.id, pieceAt, spec.fills, strip)];
}

/** So many rows (or columns, if the diamonds lie flat) that their long way is at most the short one / tan(7.5 degrees). */
function openTips(width: number, height: number, { extent }: Strip) {
  const { sin, cos } = sinCos((acuteAngleDegrees / 2 / 180) * Math.PI);
  const isUpright = height > width;
  const span = isUpright ? extent.maxY - extent.minY : extent.maxX - extent.minX;
  const count = Math.ceil((span * sin) / (Math.min(width, height) * cos));
  return { [isUpright ? "rows" : "columns"]: { by: "count", count } };
}
