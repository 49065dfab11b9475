import { emitCompact } from "@/core/job/emitPlan";
import type { Progress } from "@/core/job/layOutJob";
import { parseJobText } from "@/core/job/parseJob";
import { planOrStop, planWallsFirst } from "@/core/job/plan";
import { fromNowWallsFirst } from "@/core/job/planFromNow";
import type { Job } from "@/core/job/schema";
import { keepUnchanged, type StagedPlan } from "@/core/job/planInStages";
import type { Entry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { readKeptJournal } from "@/core/journal/sum";
import type { Happened, Sum } from "@/core/journal/happened";
import { parseMoment } from "@/core/journal/moment";
import type { Plan, PlanWall } from "@/core/plan/planTypes";

/** The text of each wall; null for one that is as it was sent last. */
export type SentWalls = readonly (string | null)[];

/**
 * Plans jobs one after the other and answers each in two parts, of which only what has changed is sent: the walls, and then all
 * the rest. Works out again only what has changed, too.
 */
export class PlanSender {
  private readonly stages = keepUnchanged();
  private sent: readonly PlanWall[] = [];
  private staged: StagedPlan | null = null;
  private readonly entries: Entry[] = [];
  private sum: Sum | null = null;
  private happened: Happened | null = null;
  /** The plan of the last document as it was before anything had happened. */
  private before: { readonly text: string; readonly start: string | undefined; readonly plan: Plan } | null =
    null;

  /** Hears what happened on the job beside what it knows, one entry a line, or first what they came to; one that is heard again counts as it is told last. */
  hear(journal: string): void {
    const { sum, entries } = readKeptJournal(journal);
    if (sum) this.sum = sum;
    this.entries.push(...entries);
    this.happened = null;
  }

  /** The walls of a document's plan, from a moment on where one is told; null for a document that does not hold. */
  walls(text: string, progress?: Progress, from?: string): SentWalls | null {
    const parsed = parseJobText(text);
    if (text !== this.before?.text) this.before = null;
    this.staged = parsed.ok ? this.stage(parsed.job, text, progress, from) : null;
    return this.staged && this.send(this.staged.walls);
  }

  /** Works a document out without sending it: what is asked for next is another of it, and most of that stays. */
  prepare(text: string, from?: string): void {
    const parsed = parseJobText(text);
    if (parsed.ok) this.stage(parsed.job, text, undefined, from).rest();
  }

  private stage(job: Job, text: string, progress?: Progress, from?: string): StagedPlan {
    const now = from === undefined ? null : parseMoment(from);
    if (!now) return planWallsFirst(job, this.stages, progress);
    this.happened ??= fold(this.entries, this.sum);
    // The same from entry to entry, and from minute to minute, but that the job's first day may be another.
    const planned = (opening: Job): Plan => {
      const { start } = opening.work;
      if (this.before?.start !== start) this.before = { text, start, plan: planOrStop(opening) };
      return this.before!.plan;
    };
    return fromNowWallsFirst(job, this.happened, now, this.stages, progress, planned);
  }

  /** The rest of the same plan, and the walls that it has changed. */
  rest(): { readonly walls: SentWalls; readonly rest: string } {
    const { walls, ...rest } = this.staged!.rest();
    return { walls: this.send(walls), rest: emitCompact(rest) };
  }

  private send(walls: readonly PlanWall[]): SentWalls {
    const texts = walls.map((wall, index) => (wall === this.sent[index] ? null : emitCompact(wall)));
    this.sent = walls;
    return texts;
  }
}
