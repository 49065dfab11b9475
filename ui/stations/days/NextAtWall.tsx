"use client";

import Link from "next/link";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import { Measure } from "@/ui/parts/Measure";
import { nextThings } from "@/ui/job/nextThings";
import { useHands } from "@/ui/job/useHands";

/** What comes next for each, in a line; at the wall it is told as begun and done. */
export function NextAtWall() {
  const plan = usePlan();
  const { work } = useJob();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const { nameOf } = useHands();
  if (!plan.work || plan.steps.length === 0 || wallId === null) return null;
  const next = nextThings(plan, work.crew);
  return (
    <section aria-label="Next" className="border-t border-hairline py-3">
      {next.length === 0 && <p>Everything is done.</p>}
      <ul className="flex flex-col gap-2">
        {next.map(({ person, step, why }) => (
          <li key={person}>
            <p className="text-[0.9375rem] text-soft">
              <Measure>{`${work.crew > 1 ? nameOf(person) : "Next"}${why === null ? "" : `, ${why}`}`}</Measure>
            </p>
            <p className="font-semibold">
              <Measure>{step.say}</Measure>
            </p>
          </li>
        ))}
      </ul>
      <Link className="link-button mt-2" href={stationPath(jobId, next[0]?.step.wall ?? wallId, "paint")}>
        {plan.now === undefined ? "Begin at the wall" : "At the wall"}
      </Link>
    </section>
  );
}
