import type { PlanMark, PlanTape, PlanWall } from "@/core/job/planTypes";

/** The pieces of tape that are laid on the line of a mark, first round first. */
export function tapeAtMark(plan: PlanWall, mark: PlanMark): PlanTape[] {
  const line = plan.lines.find((candidate) => mark.id.startsWith(`${candidate.id}/`));
  if (!line) return [];
  const [[ax, ay], [bx, by]] = line.path;
  const length = Math.hypot(bx - ax, by - ay);
  const isOn = ([x, y]: [number, number]) =>
    Math.abs((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / length < 0.1;
  return plan.tape.filter((piece) => piece.cuts !== undefined && piece.path.every(isOn));
}
