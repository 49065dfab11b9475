import type { PlanStep } from "@/core/plan/planDayTypes";
import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import { piecesOf, type Piece } from "@/core/plan/workOfStep";
import type { Wall } from "@/core/wall/schema";
import { measuredFrom, tapeWords, upOrDown } from "@/ui/marks/markWords";

export interface Reading {
  readonly reading: string;
  /** Which way it is read, and on which side the tape lies. */
  readonly side: string;
  readonly isMarks: boolean;
}

/** What is read at the wall for the next piece of a step that marks, tapes or prints; null for work without readings. */
export function readingOfStep(
  step: PlanStep,
  wall: Wall,
  plan: PlanWall,
  isDone: (piece: Piece) => boolean,
): Reading | null {
  const pieces = piecesOf(step);
  const next = pieces.find((piece) => !isDone(piece));
  if (!next) return null;
  const { did, id } = next;
  const read = (mark: PlanMark, side = ""): Reading => ({
    reading: `${upOrDown(mark, wall)}${mark.reading}`,
    side: [measuredFrom(mark, wall), side].filter(Boolean).join("; "),
    isMarks: did.of === "mark",
  });
  if (did.of === "mark") {
    const mark = plan.marks.find((one) => one.id === id);
    return mark ? read(mark) : null;
  }
  if (did.of !== "tape") return null;
  const piece = plan.tape.find((one) => one.id === id);
  const mark = piece && plan.marks.find(({ line }) => line !== undefined && line === piece.line);
  return piece && mark ? read(mark, `tape ${tapeWords(piece)}`) : null;
}
