import type { Job } from "@/core/job/schema";
import { readJournal } from "@/core/journal/entry";
import { toldInTurn } from "@/core/journal/fold";
import { formatMoment } from "@/core/journal/moment";
import type { WorkItem } from "@/core/journal/limits";
import type { Plan } from "@/core/plan/planTypes";
import { csvOf } from "./csv";
import { entrySayer } from "./sayEntry";

const columns = ["moment", "by", "device", "kind", "wall", "what", "taken back"] as const;

/** What happened on a job as CSV, one line an entry, for the office. */
export function journalCsv(job: Job, plan: Plan, journal: string): string {
  const names = new Map(job.walls.map(({ id, name }) => [id, name ?? id]));
  const say = entrySayer(job, plan);
  return csvOf(
    columns,
    toldInTurn(readJournal(journal).entries).map(({ entry, takenBackBy }) => {
      const { work = [], wall } = entry.payload as {
        readonly work?: readonly WorkItem[];
        readonly wall?: string;
      };
      const on = new Set([wall, ...work.map((one) => one.wall)].filter((one) => one !== undefined));
      return [
        formatMoment(entry.at.day, entry.at.minutes),
        entry.by,
        entry.device,
        entry.kind,
        [...on].map((id) => names.get(id) ?? id).join(", "),
        say(entry),
        takenBackBy === null ? null : "yes",
      ];
    }),
  );
}
