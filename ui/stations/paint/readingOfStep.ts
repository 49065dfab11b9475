import { formatReading } from "@/core/measure/formatReading";
import { roundToDivision } from "@/core/measure/roundToDivision";
import type { Job } from "@/core/job/schema";
import type { PlanPrint } from "@/core/plan/planPrintTypes";
import type { PlanStep } from "@/core/plan/planDayTypes";
import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import { piecesOf, type Piece } from "@/core/plan/workOfStep";
import type { Wall } from "@/core/wall/schema";
import { measuredFrom, tapeWords, upOrDown } from "@/ui/marks/markWords";

type TapeInHand = Pick<Job, "units" | "tapeDivision">;

export interface Reading {
  readonly reading: string;
  /** Which way it is read, and on which side the tape lies. */
  readonly side: string;
  readonly isMarks: boolean;
}

/** What is read at the wall for the next piece of a step that marks, tapes or prints, in the units of the tape in hand; null for work without readings. */
export function readingOfStep(
  step: PlanStep,
  wall: Wall,
  plan: PlanWall,
  isDone: (piece: Piece) => boolean,
  tape: TapeInHand,
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
  if (did.of === "print") {
    const print = (plan.prints ?? []).flatMap(({ list }) => list).find((one) => one.id === id);
    return print ? printReading(print, wall, tape) : null;
  }
  if (did.of !== "tape") return null;
  const piece = plan.tape.find((one) => one.id === id);
  const mark = piece && plan.marks.find(({ line }) => line !== undefined && line === piece.line);
  return piece && mark ? read(mark, `tape ${tapeWords(piece)}`) : null;
}

/** How a sheet lies: anticlockwise is positive, as angles are. */
function turnWords(turn: number): string {
  const degrees = ((Math.round(turn) % 360) + 360) % 360;
  if (degrees === 0) return "";
  if (degrees === 180) return "turned upside down";
  const [by, way] = degrees < 180 ? [degrees, "anticlockwise"] : [360 - degrees, "clockwise"];
  return by === 90 ? `a quarter turn ${way}` : `turned by ${by}° ${way}`;
}

/** Where the middle of a print comes: along the wall, and up or down. */
function printReading(
  { at: [x, y], turn, mirrored }: PlanPrint,
  wall: Wall,
  { units, tapeDivision }: TapeInHand,
): Reading {
  const read = (mm: number) => formatReading(roundToDivision(mm, tapeDivision), units);
  const along = { axis: "x", at: x } as const;
  const high = { axis: "y", at: y } as const;
  return {
    reading: read(x),
    side: [
      `${measuredFrom(along, wall)}, ${read(Math.abs(y))} ${measuredFrom(high, wall)}: its middle`,
      turnWords(turn),
      mirrored ? "the sheet lies face down" : "",
    ]
      .filter(Boolean)
      .join("; "),
    isMarks: false,
  };
}
