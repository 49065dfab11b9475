"use client";

import type { PlanOffer } from "@/core/plan/planTypes";
import type { Job, JobFinish } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import { tapingWords } from "./tapingWords";
import { useTrialPictures } from "./useTrialPictures";

interface Props {
  readonly job: Job;
  readonly wall: Wall;
  readonly spec: JobFinish;
  readonly offers: readonly PlanOffer[];
  readonly onChoose: (set: Readonly<Record<string, unknown>>) => void;
}

const verdictTone = { good: "text-leaf", fair: "text-ochre", poor: "text-brick" } as const;

/** The ranked ways to lay out a finish, each drawn as this wall would look, with its reasons. */
export function OfferList({ job, wall, spec, offers, onChoose }: Props) {
  const pictures = useTrialPictures(
    wall.id,
    offers.map(({ change }) => ({ ...spec, ...change.set })),
  );
  return (
    <Section name="pattern/offers" title="Ways to lay it out" sum={String(offers.length)}>
      <ul className="flex flex-col gap-1">
        {offers.map(({ title, verdict, why, taping, isChosen, change }, index) => (
          <li key={title}>
            <button
              type="button"
              aria-pressed={isChosen}
              className={`-mx-2 flex w-[calc(100%+1rem)] items-start gap-3 rounded-md border p-2 text-left ${isChosen ? "border-violet bg-violet-wash" : "border-transparent hover:border-hairline hover:bg-paper"}`}
              onClick={() => onChoose(change.set)}
            >
              <MiniWall
                wall={wall}
                plan={pictures[index] ?? null}
                paints={job.paints}
                className="mt-0.5 h-14 w-20 shrink-0"
              />
              <span className="min-w-0 text-[0.9375rem] leading-snug">
                <span className="font-semibold">
                  <Measure>{title}</Measure>
                </span>{" "}
                <span className={`text-sm font-semibold ${verdictTone[verdict]}`}>{verdict}</span>{" "}
                <span className={`text-soft ${isChosen ? "" : "line-clamp-2"}`}>
                  <Measure>{[...(taping ? [tapingWords(taping, job.units)] : []), ...why].join(" ")}</Measure>
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Section>
  );
}
