import { isSameSubject } from "../findings/subject";
import { toldOf } from "../journal/defineKind";
import type { Happened, Progress, Told } from "../journal/happened";
import { decided } from "../journal/kinds/decided";
import { sample } from "../journal/kinds/sample";
import { sampleLook } from "../journal/kinds/sampleLook";
import type { Plan } from "../plan/planTypes";
import { readKey } from "../work/keys";
import { keysOfStep } from "../work/ownKeys";
import type { Job } from "./schema";

/** Whether anything was told of boards that are planned. */
export const hasBoardsTold = ({ boards }: Pick<Job, "boards">, happened: Happened): boolean =>
  boards.length > 0 &&
  [sample, sampleLook, decided].some(({ kind }) => (happened.lists.get(kind) ?? []).length > 0);

/** A job without boards of what was decided before anything of them was painted: nobody paints them any more. */
export function withoutDecided<Asked extends Pick<Job, "boards">>(job: Asked, happened: Happened): Asked {
  if (!hasBoardsTold(job, happened)) return job;
  const begun = new Set([...happened.work.keys()].flatMap((key) => boardOf(key) ?? []));
  for (const { board } of toldOf(happened, sample)) begun.add(board);
  const boards = job.boards.filter(({ id, of }) => begun.has(id) || !decidedAt(id, { ...of }, happened));
  return boards.length === job.boards.length ? job : { ...job, boards };
}

/** The board that a piece of work is done on. */
function boardOf(key: string): string | null {
  const { of, act, id } = readKey(key);
  return of === "board" && act !== "look" && act !== "dust" ? id.slice(0, id.indexOf("/")) : null;
}

/**
 * What happened, where what was told of boards is work: one that was painted has its coats, what is decided is looked at. What is decided half way is not
 * gone on with. `plan` says which work that is.
 */
export function withBoardsTold(happened: Happened, job: Pick<Job, "boards">, plan: Plan): Happened {
  const boards = plan.boards ?? [];
  if (boards.length === 0 || !hasBoardsTold(job, happened)) return happened;
  const work = new Map(happened.work);
  const put = (key: string, progress: Progress) => {
    const known = work.get(key);
    if (!known?.finished && !known?.skipped) work.set(key, { ...known, ...progress });
  };
  for (const { id, of, decide } of boards) {
    const painted = toldOf(happened, sample).find(({ board }) => board === id)?.told;
    const over = decidedAt(id, of, happened);
    for (const step of plan.steps) {
      const isDecision = step.id === decide;
      const isOn = (own: string) => own.startsWith(`${id}/`);
      // A wall may be called as a board is.
      const isCoat = !isDecision && step.does.some((one) => one.of === "board" && one.ids.some(isOn));
      if (!isDecision && !isCoat) continue;
      for (const key of keysOfStep(step)) {
        if (isDecision ? over : painted) put(key, { finished: (isDecision ? over : painted)! });
        else if (over) put(key, { skipped: { ...over, why: "it is decided" } });
      }
    }
  }
  return { ...happened, work };
}

/** When it was decided what a board is about: in words, or by a client's no in any light. */
function decidedAt(id: string, of: Readonly<Record<string, string>>, happened: Happened): Told | undefined {
  const refused = toldOf(happened, sampleLook).filter(
    ({ board, who, verdict }) => board === id && who === "client" && verdict === "no",
  );
  const said = toldOf(happened, decided).filter((one) => isSameSubject(one.of, of));
  return [...refused, ...said].map(({ told }) => told).sort((a, b) => a.at.instant - b.at.instant)[0];
}
