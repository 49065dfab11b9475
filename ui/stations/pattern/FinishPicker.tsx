"use client";

import { useMemo, useState } from "react";
import { allFinishes } from "@/core/finishes/registry";
import type { Job } from "@/core/job/schema";
import { isOnWall, stripOfFinish } from "@/core/job/wallsOfFinish";
import type { PlanWall } from "@/core/plan/planTypes";
import { sheetsAtHand } from "@/core/stencil/library";
import type { Wall } from "@/core/wall/schema";
import { useDocument, useJob, useWall } from "@/ui/job/JobProvider";
import { freshId, type FinishDocument } from "@/ui/job/jobDocument";
import { Choice } from "@/ui/parts/Choice";
import { useTrials } from "./useTrials";
import { MiniWall } from "@/ui/wall-view/WallDrawing";

interface Props {
  readonly wall: Wall;
  readonly onPick: (finish: FinishDocument) => void;
}

/** The finishes, each drawn as it would first look on this very wall. */
export function FinishPicker({ wall, onPick }: Props) {
  const job = useJob();
  const document = useDocument();
  const run = job.runs.find(({ walls }) => walls.includes(wall.id));
  const [goesAround, setGoesAround] = useState(run !== undefined);
  const on = run && goesAround ? run.id : wall.id;
  const plan = useWall(wall.id)?.plan ?? null;
  const lies = mostOf(plan) ?? wall.base;
  const offers = useMemo(() => offersOn(job, lies, on), [job, lies, on]);
  const isOver = job.finishes.some((finish) => isOnWall(job, finish, wall.id));
  const trials = useTrials(
    wall.id,
    offers.map(({ spec }) => spec),
    isOver ? "finishes" : "base",
  );
  return (
    <section aria-label="Finishes" className="py-2">
      {run && (
        <div className="pb-3">
          <Choice
            label="Laid on"
            options={[
              { label: "around the corner", selected: goesAround, value: true },
              { label: "this wall alone", selected: !goesAround, value: false },
            ]}
            onChoose={({ value }) => setGoesAround(value)}
          />
        </div>
      )}
      <ul className="grid grid-cols-2 gap-2">
        {offers.map(({ kind, title, spec }, index) => (
          <li key={kind}>
            <button
              type="button"
              className="flex w-full flex-col items-start gap-1.5 rounded-md border border-hairline bg-paper p-2 text-left hover:border-violet"
              onClick={() =>
                onPick({ ...spec, id: freshId(`${wall.id}-${kind}`, document.finishes) } as FinishDocument)
              }
            >
              <MiniWall
                wall={wall}
                plan={trials[index]?.wall ?? null}
                paints={job.paints}
                className="h-20 w-full"
              />
              <span className="font-semibold">
                <span className="sr-only">Lay out </span>
                {title.toLowerCase()}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The paint that lies on most of a wall: what is laid over it has to show up on that. */
function mostOf(plan: PlanWall | null): string | null {
  const areas = new Map<string, number>();
  for (const { colour, area_m2 } of plan?.regions ?? [])
    areas.set(colour, (areas.get(colour) ?? 0) + area_m2);
  const [most] = [...areas].sort(([, a], [, b]) => b - a);
  return most?.[0] ?? null;
}

/** Each finish with its first spec for this place. */
function offersOn(job: Job, lies: string, on: string) {
  const paints = job.paints.map(({ id }) => id);
  const strip = stripOfFinish(job, { on });
  if (strip.corners.length === 0) return [];
  return allFinishes.map((finish) => {
    const start = finish.start(strip, paints, lies, sheetsAtHand(job.stencils));
    const spec = { id: "offer", on, kind: finish.kind, ...start };
    return { kind: finish.kind, title: finish.title, spec };
  });
}
