import type { Cure, Finding } from "../findings/finding";
import { soldWithinMm } from "../trade/constants";

/**
 * What lines of a width leave of the cells between them (mm): nothing is a stop, less than a line is to be decided. A
 * width that no tape is sold in has to be slit or lapped.
 */
export function checkLineWidth(id: string, line: number, left: number, tapes: readonly number[]): Finding[] {
  if (line === 0) return [];
  if (left <= line) {
    const values = { line, left: Math.max(0, left) };
    const severity = left <= 0 ? "stop" : "check";
    return [{ code: "line-eats-pattern", severity, values, at: null, cure: narrower(id, line, left, tapes) }];
  }
  if (tapes.some((sold) => Math.abs(sold - line) <= soldWithinMm)) return [];
  const sold = tapes.find((width) => width >= line) ?? tapes.at(-1)!;
  const nearest = tapes.reduce((best, width) =>
    Math.abs(width - line) < Math.abs(best - line) ? width : best,
  );
  const cure: Cure = { kind: "sold-width", count: nearest, finish: id, set: { lineWidth: nearest } };
  return [{ code: "slit-tape", severity: "note", values: { line, sold }, at: null, cure }];
}

/** The widest tape that leaves more of a cell than it takes. */
function narrower(id: string, line: number, left: number, tapes: readonly number[]): Cure | undefined {
  const width = tapes.findLast((sold) => left + line - sold > sold);
  return width === undefined
    ? undefined
    : { kind: "narrower-line", count: width, finish: id, set: { lineWidth: width } };
}
