import { subjectOf } from "../findings/subject";
import { toldOf } from "../journal/defineKind";
import type { Happened, Progress, Told } from "../journal/happened";
import { decided } from "../journal/kinds/decided";
import { sample } from "../journal/kinds/sample";
import { sampleLook } from "../journal/kinds/sampleLook";
import type { Plan } from "../plan/planTypes";
import { keysOfStep } from "../work/ownKeys";
import type { Job } from "./schema";

/** Whether anything was told of boards that are planned. */
export const hasBoardsTold = ({ boards }: Pick<Job, "boards">, happened: Happened): boolean =>
  boards.length > 0 &&
  [sample, sampleLook, decided].some(({ kind }) => (happened.lists.get(kind) ?? []).length > 0);

/**
 * What happened, where what was told of boards is work: one that was painted has its coats, what is decided is looked at. Boards of what
 * is decided before they are painted are left out. `plan` says which work that is.
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
      const isCoat = !isDecision && step.does.some((one) => one.ids.some((key) => key.startsWith(`${id}/`)));
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
  const asked = subjectOf(of)!.join(" ");
  const isOfSame = (one: Readonly<Record<string, unknown>>) => subjectOf(one)?.join(" ") === asked;
  const refused = toldOf(happened, sampleLook).filter(
    ({ board, who, verdict }) => board === id && who === "client" && verdict === "no",
  );
  const said = toldOf(happened, decided).filter((one) => isOfSame(one.of));
  return [...refused, ...said].map(({ told }) => told).sort((a, b) => a.at.instant - b.at.instant)[0];
}
