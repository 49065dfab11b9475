"use client";

import { Plus } from "lucide-react";
import { useState } from "react";
import { finishOf } from "@/core/finishes/registry";
import type { JobFinish } from "@/core/job/schema";
import { isOnWall, stripOfFinish } from "@/core/job/layOutWalls";
import { useDocument, useJob, useJobState, usePlan, useWall } from "@/ui/job/JobProvider";
import { changeById, type FinishDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { FindingList } from "@/ui/parts/FindingList";
import { findingsAt } from "@/ui/job/findingsAt";
import { CandidateList } from "./CandidateList";
import { FinishFields } from "./FinishFields";
import { ColourShares } from "./ColourShares";
import { DrawingTools } from "./DrawingTools";
import { FinishPicker } from "./FinishPicker";
import { OfferList } from "./OfferList";
import { finishInHand, usePatternHand } from "@/ui/job/patternHand";
import { useHandedFinish } from "./useEditing";

/** What the wall is to look like: its finishes, the few numbers of the one in hand, and what is to decide. */
export function PatternCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const job = useJob();
  const wholePlan = usePlan();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const { finish: inHand, take: setInHand } = usePatternHand();
  const handed = useHandedFinish(wallId);
  const [isPicking, setPicking] = useState(false);
  if (!found) return null;
  const { wall, plan } = found;
  const stack = job.finishes.filter((finish) => isOnWall(job, finish, wallId));
  const takeOff = (id: string) =>
    change((before) => ({ ...before, finishes: before.finishes.filter((finish) => finish.id !== id) }));
  if (plan?.survey === null) {
    return (
      <>
        <h2 className="text-2xl font-bold">Pattern</h2>
        <p className="py-2 text-soft">This wall cannot be laid out as it is.</p>
        <FindingList findings={[...findingsAt(plan, "wall"), ...findingsAt(plan, "pattern")]} />
        <ul className="py-3">
          {stack.map(({ id, kind }) => (
            <li key={id} className="flex items-center justify-between border-t border-hairline py-1">
              {finishOf(kind).title}
              <Button look="quiet" onClick={() => takeOff(id)}>
                Take it off
              </Button>
            </li>
          ))}
        </ul>
      </>
    );
  }
  const spec = finishInHand(job, wallId, inHand);
  const written = document.finishes.find((finish) => finish.id === spec?.id);
  const pick = (finish: FinishDocument) => {
    change((before) => ({ ...before, finishes: [...before.finishes, finish] }));
    setInHand(finish.id);
    setPicking(false);
  };
  if (!spec || !written || isPicking) {
    return (
      <>
        <div className="flex items-baseline justify-between">
          <h2 className="text-2xl font-bold">Pattern</h2>
          {spec && (
            <Button look="quiet" className="-mr-3 text-sm" onClick={() => setPicking(false)}>
              Back
            </Button>
          )}
        </div>
        <p className="pt-1 text-soft">
          {spec
            ? "What is laid out next lies over what is there."
            : "All of this wall is left in its base. Choose what goes on it."}
        </p>
        <FinishPicker wall={wall} onPick={pick} />
      </>
    );
  }
  const update = (edit: (finish: FinishDocument) => FinishDocument) =>
    change((before) => ({ ...before, finishes: changeById<FinishDocument>(before.finishes, spec.id, edit) }));
  const definition = finishOf(spec.kind);
  const wallsInHand = wholePlan.walls.filter(({ id }) => isOnWall(job, spec, id));
  const decisions = findingsAt(plan, "pattern");
  const offers = (plan?.offers ?? []).filter(({ finish }) => finish === spec.id);
  return (
    <>
      <div className="flex items-baseline justify-between">
        <h2 className="text-2xl font-bold">{definition.title}</h2>
        <Button look="quiet" className="-mr-3 text-sm" onClick={() => takeOff(spec.id)}>
          Take off
        </Button>
      </div>
      <FinishStack stack={stack} inHand={spec.id} onTake={setInHand} onAdd={() => setPicking(true)} />
      {handed && <DrawingTools wallId={wallId} handed={handed} />}
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
      {offers.length > 1 && (
        <OfferList
          job={job}
          wall={wall}
          spec={spec}
          offers={offers}
          onChoose={(set) => update((finish) => ({ ...finish, ...set }))}
        />
      )}
      {plan?.fit?.finish === spec.id && (
        <CandidateList
          wall={wall}
          plan={plan}
          paints={job.paints}
          units={job.units}
          onChoose={(set) => update((finish) => ({ ...finish, ...set }))}
        />
      )}
      <ColourShares walls={wallsInHand} />
    </>
  );
}

interface StackProps {
  readonly stack: readonly JobFinish[];
  readonly inHand: string;
  readonly onTake: (id: string) => void;
  readonly onAdd: () => void;
}

/** The finishes of a wall, the lowest first; one of them is in hand. */
function FinishStack({ stack, inHand, onTake, onAdd }: StackProps) {
  return (
    <div className="flex flex-wrap items-center gap-1.5 pt-1" role="group" aria-label="Finishes on this wall">
      {stack.length > 1 &&
        stack.map(({ id, kind }, index) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === inHand}
            className={`min-h-9 rounded-full border px-3 text-sm ${id === inHand ? "border-violet bg-violet-wash font-semibold" : "border-hairline hover:border-violet"}`}
            onClick={() => onTake(id)}
          >
            {`${index + 1} ${finishOf(kind).title.toLowerCase()}`}
          </button>
        ))}
      <Button look="quiet" className="min-h-9 px-1 text-sm text-violet" onClick={onAdd}>
        <Plus size={15} aria-hidden /> Lay another over it
      </Button>
    </div>
  );
}
