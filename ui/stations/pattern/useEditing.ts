import { useMemo, useRef } from "react";
import type { Editing, SpecChange } from "@/core/finishes/editing";
import { lineWords } from "@/core/findings/wording";
import { finishOf } from "@/core/finishes/registry";
import { moveCurve } from "@/core/geometry/curve";
import { stripOfFinish } from "@/core/job/wallsOfFinish";
import type { JobFinish } from "@/core/job/schema";
import type { Plan } from "@/core/plan/planTypes";
import { segment } from "@/core/geometry/curve";
import { snapTargetsOf, type SnapLine } from "@/core/setout/snapPoint";
import { OverLimit } from "@/core/trade/allowance";
import type { Strip } from "@/core/wall/strip";
import { useJobState, useJob, usePlan } from "@/ui/job/JobProvider";
import { changeDocument, problemsOf, type JobDocument } from "@/ui/job/jobDocument";
import { useFinishInHand } from "@/ui/job/patternHand";

export interface HandedFinish {
  readonly spec: JobFinish;
  readonly strip: Strip;
  /** Where the wall that is shown lies in the strip. */
  readonly offset: number;
  readonly editing: Editing;
}

/**
 * The finish in hand with what can be done to it on the wall; null where the wall has none, or it is not laid out. As it was kept last: what is
 * being shown in a drag is made of that, and is not there yet.
 */
export function useHandedFinish(wallId: string): HandedFinish | null {
  const job = useJob();
  const spec = useFinishInHand(wallId);
  return useMemo(() => {
    if (!spec) return null;
    const strip = stripOfFinish(job, spec);
    if (strip.corners.length === 0) return null;
    const { offset } = strip.parts.find((part) => part.wall.id === wallId)!;
    try {
      const { layOut, edit } = finishOf(spec.kind);
      return { spec, strip, offset, editing: edit(layOut(spec, strip, job)) };
    } catch (error) {
      // There is nothing to take hold of on a wall that is not laid out; the card and its stop are still there.
      if (error instanceof OverLimit) return null;
      throw error;
    }
  }, [job, spec, wallId]);
}

/** The lines on the strip that a place may be drawn onto; those of the finish that move with a handle are left out. */
export function snapLinesOf(
  plan: Plan,
  strip: Strip,
  isMoving: (finish: string, key: string) => boolean,
): SnapLine[] {
  return strip.parts.flatMap(({ wall, offset }) =>
    (plan.walls.find(({ id }) => id === wall.id)?.lines ?? [])
      .filter(({ key, finish }) => !isMoving(finish, key))
      .map(({ path: [[ax, ay], [bx, by]], use, between }) => ({
        path: moveCurve(segment({ x: ax, y: ay }, { x: bx, y: by }), offset, 0),
        thing: lineWords(between ?? use),
      })),
  );
}

/** Where a change is made: in the finish, or in the sheet that it prints with. */
const changeOf = ({ id }: JobFinish, made: SpecChange) =>
  made.stencil === undefined ? { finish: id, ...made } : made;

const frameMs = 16;

/** Shows changes of the finish in hand as they are made, and keeps the last one when it is let go. */
export function useChanging(spec: JobFinish | undefined) {
  const change = useJobState((state) => state.change);
  const preview = useJobState((state) => state.preview);
  const document = useJobState((state) => state.document);
  const pending = useRef<JobDocument | null>(null);
  const asked = useRef<{ made: SpecChange; timer: ReturnType<typeof setTimeout> } | null>(null);
  const showNow = () => {
    const made = asked.current?.made;
    clearTimeout(asked.current?.timer);
    asked.current = null;
    if (!spec || !made) return;
    const next = changeDocument(document, changeOf(spec, made));
    // What would not hold is not shown; the last that does stays.
    if (problemsOf(next).length > 0) return;
    pending.current = next;
    preview(next);
  };
  const show = (made: SpecChange | null) => {
    if (!made) return;
    // What is in the hand has moved already; the rest follows once a frame, with the last of what was asked for.
    if (asked.current) asked.current.made = made;
    else asked.current = { made, timer: setTimeout(showNow, frameMs) };
  };
  const drop = () => {
    clearTimeout(asked.current?.timer);
    asked.current = null;
    pending.current = null;
  };
  const settle = () => {
    showNow();
    const next = pending.current;
    pending.current = null;
    if (next) change(() => next);
  };
  const cancel = () => {
    drop();
    preview(null);
  };
  /** Makes a change at once; answers whether it holds. */
  const make = (made: SpecChange | null): boolean => {
    drop();
    preview(null);
    if (!spec || !made) return false;
    return change((before) => changeDocument(before, changeOf(spec, made))).length === 0;
  };
  return { show, settle, cancel, make };
}

/** What places may line up with on the strip in hand. */
export function useSnapTargets(handed: HandedFinish | null, movingLines: readonly string[] | "all") {
  const plan = usePlan();
  return useMemo(() => {
    if (!handed) return null;
    const { strip, spec } = handed;
    const isMoving = (finish: string, line: string) =>
      finish === spec.id && (movingLines === "all" || movingLines.includes(line));
    return snapTargetsOf(strip, snapLinesOf(plan, strip, isMoving));
  }, [handed, plan, movingLines]);
}
