import type { Finding } from "../findings/finding";

/** What lines of a width leave of the cells between them: nothing is a stop, less than a line is to be decided. mm. */
export function checkLineWidth(line: number, left: number): Finding[] {
  if (left <= 0) {
    return [{ code: "line-eats-pattern", severity: "stop", values: { line, left: 0 }, at: null }];
  }
  return line > left
    ? [{ code: "line-eats-pattern", severity: "check", values: { line, left }, at: null }]
    : [];
}
