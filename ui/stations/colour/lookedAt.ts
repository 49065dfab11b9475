import { useMemo } from "react";
import { finishOf } from "@/core/finishes/registry";
import type { LookedAt } from "@/core/finishes/defineFinish";
import { isOnWall } from "@/core/job/wallsOfFinish";
import type { Job, JobFinish } from "@/core/job/schema";
import { openMisses } from "@/core/job/withRecords";
import type { Happened } from "@/core/journal/happened";
import { toldOf } from "@/core/journal/defineKind";
import { section } from "@/core/journal/kinds/section";
import type { PlanWall } from "@/core/plan/planTypes";
import { useHappened, useJob } from "@/ui/job/JobProvider";

export interface LookedAtFinish extends LookedAt {
  readonly finish: JobFinish;
  readonly title: string;
}

/** The finishes of a wall of which something is told as they come onto it. */
export const lookedAtOn = (job: Job, wallId: string): LookedAtFinish[] =>
  job.finishes
    .filter((finish) => isOnWall(job, finish, wallId))
    .flatMap((finish) => {
      const { title, lookedAt } = finishOf(finish.kind);
      const looked = lookedAt?.(finish as never);
      return looked ? [{ ...looked, finish, title }] : [];
    });

/** Places of a wall that were told as missed, and that no coat has gone over since, with the entries that tell them. */
export function useMisses(wallId: string) {
  const job = useJob();
  const happened = useHappened();
  return useMemo(
    () =>
      lookedAtOn(job, wallId).flatMap(({ finish }) =>
        openMisses(finish.id, happened)
          .filter(({ wall }) => wall === wallId)
          .map(({ place, told }) => ({ finish: finish.id, place, entry: told.entry })),
      ),
    [job, happened, wallId],
  );
}

export interface SectionInTurn {
  readonly id: string;
  readonly number: number;
  readonly box: readonly [number, number, number, number];
  /** How it was told to look last; null where it was not looked at. */
  readonly seen: object | null;
  /** The entry that tells it; null where the document does, or nobody. */
  readonly entry: string | null;
}

/** The sections of a finish on a wall in the order in which they are laid, and how they look as far as that is told. */
export function sectionsInTurn(
  plan: PlanWall,
  { finish }: LookedAtFinish,
  happened: Happened,
): SectionInTurn[] {
  const told = new Map(
    toldOf(happened, section)
      .filter((one) => one.finish === finish.id)
      .map((one) => [one.section, one] as const),
  );
  const laid = (plan.coats ?? []).find((coat) => coat.finish === finish.id)?.sections ?? [];
  // What the document says was laid first, in its order.
  const before = "seen" in finish ? (finish.seen ?? []) : [];
  return [...laid]
    .sort((a, b) => a.order - b.order)
    .map(({ id, box }, place) => ({
      ...{ id, box, number: place + 1 },
      seen: told.get(id)?.seen ?? (before[place] as object | undefined) ?? null,
      entry: told.get(id)?.told.entry ?? null,
    }));
}
