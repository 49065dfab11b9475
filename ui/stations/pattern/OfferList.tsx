"use client";

import type { PlanOffer } from "@/core/plan/planTypes";
import type { Job, JobFinish } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import { Section } from "@/ui/parts/Section";
import { MiniWall } from "@/ui/wall-view/WallDrawing";
import { tapingWords } from "./tapingWords";
import { useTrials } from "./useTrials";
import { WayList } from "./WayList";

interface Props {
  readonly job: Job;
  readonly wall: Wall;
  readonly spec: JobFinish;
  readonly offers: readonly PlanOffer[];
  readonly onChoose: (set: Readonly<Record<string, unknown>>) => void;
}

/** The ranked ways to lay out a finish, each drawn as this wall would look, with its reasons. */
export function OfferList({ job, wall, spec, offers, onChoose }: Props) {
  const trials = useTrials(
    wall.id,
    offers.map(({ change }) => ({ ...spec, ...change.set })),
  );
  return (
    <Section name="pattern/offers" title="Ways to lay it out" sum={String(offers.length)}>
      <WayList
        ways={offers.map(({ title, verdict, why, taping, isChosen, change }, index) => ({
          key: title,
          title,
          verdict,
          why: [...(taping ? [tapingWords(taping, job.units)] : []), ...why],
          isChosen,
          picture: (
            <MiniWall
              wall={wall}
              plan={trials[index]?.wall ?? null}
              paints={job.paints}
              className="mt-0.5 h-14 w-20 shrink-0"
            />
          ),
          onChoose: () => onChoose(change.set),
        }))}
      />
    </Section>
  );
}
