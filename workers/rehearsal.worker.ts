import { expose } from "comlink";
import { parseJobText } from "@/core/job/parseJob";
import type { Plan } from "@/core/plan/planTypes";
import type { Rehearsal } from "@/core/rehearse/fault";
import { rehearse, type Progress } from "@/core/rehearse/rehearse";

const rehearsing = {
  /** A plan of a job document carried out to the letter; null where the document has moved on from it. */
  rehearse(documentText: string, plan: Plan, progress?: Progress): Rehearsal | null {
    const answer = parseJobText(documentText);
    if (!answer.ok) return null;
    const walls = new Set(answer.job.walls.map(({ id }) => id));
    const isOfIt = plan.walls.length === walls.size && plan.walls.every(({ id }) => walls.has(id));
    return isOfIt ? rehearse(answer.job, plan, progress) : null;
  },
};

export type RehearsalApi = typeof rehearsing;

expose(rehearsing);
