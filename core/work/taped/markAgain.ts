import { did } from "../act";
import { roundStep } from "../keys";
import type { WorkInput, WorkWall } from "../workInput";
import type { StepDraft, Wait } from "../step";
import { said } from "../words";
import type { TapeBundle } from "./bundleTape";

/** How often each mark of a job has been made by now. */
export type Passes = Map<string, number>;

/** Marks that lie under paint by now, and are struck again before tape is laid by them. */
interface Again {
  readonly round: number;
  /** The tape that is laid on a colour that was carried past its lines. */
  readonly tape: readonly TapeBundle[];
  /** Until that colour can be touched. */
  readonly dry: readonly Wait[];
  readonly passes: Passes;
}

/** The marks of lines over which a colour of an earlier round was carried, struck again; null where there are none. */
export function markAgain(
  { wall, marking, workTopMm }: WorkWall,
  { round, tape, dry, passes }: Again,
  { rates }: WorkInput["work"],
): StepDraft | null {
  const cut = tape.flatMap(({ pieces }) => pieces.filter(({ piece }) => piece.cuts !== null));
  const marks = [...new Set(cut.flatMap(({ piece }) => marking.along(piece)))];
  if (marks.length === 0) return null;
  const byPass = new Map<number, string[]>();
  for (const mark of marks) {
    const pass = (passes.get(mark) ?? 1) + 1;
    passes.set(mark, pass);
    byPass.set(pass, [...(byPass.get(pass) ?? []), mark]);
  }
  return {
    id: roundStep(wall.id, "mark", { round }),
    phase: "set-out",
    verb: "mark-again",
    wall: wall.id,
    round,
    does: [...byPass].map(([pass, ids]) =>
      did("mark", "mark", ids, { pass, tools: ["tool-measure"], heightMm: workTopMm }),
    ),
    minutes: marks.length * rates.marking_min,
    after: dry,
    say: said("mark-again", { wall: wall.id, amount: marks.length }),
    cautions: [],
    evening: [],
  };
}
