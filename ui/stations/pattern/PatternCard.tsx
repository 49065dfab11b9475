"use client";

import { finishOf, allFinishes } from "@/core/finishes/registry";
import { isOnWall, stripOfFinish } from "@/core/job/layOutWalls";
import { useDocument, useJob, useJobState, useWall } from "@/ui/job/JobProvider";
import { changeById, freshId, type FinishDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { FindingList } from "@/ui/parts/FindingList";
import { findingsAt } from "@/ui/wall-view/findingsAt";
import { CandidateList } from "./CandidateList";
import { FinishFields } from "./FinishFields";

/** What the wall is to look like: the finish's few numbers, the ways to divide, and what is to decide. */
export function PatternCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const job = useJob();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  if (!found) return null;
  const { wall, plan } = found;
  const spec = job.finishes.findLast((finish) => isOnWall(job, finish, wallId));
  const written = document.finishes.find((finish) => finish.id === spec?.id);
  if (plan?.survey === null) {
    return (
      <>
        <h2 className="text-2xl font-bold">Pattern</h2>
        <p className="py-2 text-soft">This wall cannot be laid out as it was measured.</p>
        <FindingList findings={findingsAt(plan, "measure")} />
      </>
    );
  }
  if (!spec || !written) {
    const paints = job.paints.map((paint) => paint.id);
    return (
      <>
        <h2 className="text-2xl font-bold">Pattern</h2>
        <p className="pt-1 pb-4 text-soft">All of this wall is left in its base. Choose what goes on it.</p>
        {allFinishes.map((finish) => (
          <Button
            key={finish.kind}
            look="primary"
            className="w-full"
            onClick={() =>
              change((before) => ({
                ...before,
                finishes: [
                  ...before.finishes,
                  {
                    id: freshId(`${wallId}-${finish.kind}`, before.finishes),
                    on: wallId,
                    kind: finish.kind,
                    ...finish.start(wall, paints),
                  } as FinishDocument,
                ],
              }))
            }
          >
            Lay out {finish.title.toLowerCase()}
          </Button>
        ))}
      </>
    );
  }
  const definition = finishOf(spec.kind);
  const decisions = findingsAt(plan, "pattern");
  const update = (edit: (finish: FinishDocument) => FinishDocument) =>
    change((before) => ({ ...before, finishes: changeById<FinishDocument>(before.finishes, spec.id, edit) }));
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-2xl font-bold">{definition.title}</h2>
        <Button
          look="quiet"
          className="-mr-3 text-sm"
          onClick={() =>
            change((before) => ({
              ...before,
              finishes: before.finishes.filter((finish) => finish.id !== spec.id),
            }))
          }
        >
          Take off
        </Button>
      </div>
      <FinishFields
        key={spec.id}
        fields={definition.card(spec, stripOfFinish(job, spec))}
        written={written}
        paints={job.paints}
        units={job.units}
        onEdit={update}
      />
      {decisions.length > 0 && (
        <section className="border-t border-hairline py-3" aria-label="To decide">
          <FindingList findings={decisions} />
        </section>
      )}
      {plan?.fit && (
        <CandidateList
          wall={wall}
          plan={plan}
          paints={job.paints}
          units={job.units}
          onChoose={(set) => update((finish) => ({ ...finish, ...set }))}
        />
      )}
    </>
  );
}
