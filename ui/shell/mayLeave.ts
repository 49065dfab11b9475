import type { JobState } from "@/ui/job/jobState";

/** Whether what was changed is nowhere but in this window. */
export const isAtRisk = ({ save, isKept }: JobState): boolean => save.kind !== "saved" && !isKept;

const question =
  "Your last change is not saved, and this browser keeps nothing: it is lost when this window closes. Leave this job all the same?";

/** Whether one may go to a path: always within the job; out of it only when nothing is lost, or with a word. */
export function mayLeave(state: JobState, path: string): boolean {
  const job = `/jobs/${encodeURIComponent(state.jobId)}`;
  const stays = path === job || path.startsWith(`${job}/`);
  return stays || !isAtRisk(state) || window.confirm(question);
}
