"use client";

import { Crosshair } from "lucide-react";
import { useState } from "react";
import { speechOf } from "@/core/job/speechOf";
import { mendPlan } from "@/core/work/mend/mendPlan";
import { mishapKinds, mishaps, type MishapKind } from "@/core/work/mend/mishaps";
import type { PlanWall } from "@/core/plan/planTypes";
import { useAddress } from "@/ui/job/useAddress";
import { useJob, useJobState, useJournal, useWall } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { MendingSteps } from "./MendingSteps";
import { usePointedAt } from "./pointedAt";
import { RedoPrint } from "./RedoPrint";
import { Choice } from "@/ui/parts/Choice";
import { Section } from "@/ui/parts/Section";

/** What to do when something has gone wrong: the remedy as a small plan with its own waits, and how it does not happen again. */
export function Mishaps() {
  const job = useJob();
  const [kind, setKind] = useState<MishapKind>("bleed");
  const [[paintId, underId], setPaints] = useState<readonly [string | undefined, string | undefined]>([
    job.paints[1]?.id,
    job.paints[0]?.id,
  ]);
  const find = (id: string | undefined) => job.paints.find((paint) => paint.id === id) ?? job.paints[0];
  const [paint, under] = [find(paintId), find(underId)];
  if (!paint || !under) return null;
  const { see, next } = mishaps[kind];
  const { steps, minutes, wholeMin } = mendPlan(kind, { paint, under }, job.work, speechOf(job));
  const paintsFor = (chosen: string) =>
    job.paints.map(({ id, name, hex }) => ({ label: name, id, swatch: hex, selected: id === chosen }));
  return (
    <Section name="paint/mishaps" title="When something goes wrong" isFolded>
      <div className="grid gap-2 pb-2">
        <Choice
          label="What happened"
          options={mishapKinds.map((own) => ({
            kind: own,
            label: mishaps[own].name,
            selected: own === kind,
          }))}
          onChoose={(option) => setKind(option.kind)}
        />
        <div className="grid grid-cols-2 gap-3">
          <Choice
            label="The paint"
            options={paintsFor(paint.id)}
            onChoose={({ id }) => setPaints([id, under.id])}
          />
          <Choice
            label="On, or beside"
            options={paintsFor(under.id)}
            onChoose={({ id }) => setPaints([paint.id, id])}
          />
        </div>
      </div>
      {kind === "misprint" && <RedoPrint />}
      <p className="pb-1 text-[0.9375rem] text-soft">{`To see it early: ${see}`}</p>
      <MendingSteps steps={steps} minutes={minutes} wholeMin={wholeMin} />
      <p className="pt-1 text-[0.9375rem] text-soft">{`Next time: ${next}`}</p>
      <TellTrouble kind={kind} />
    </Section>
  );
}

/** Where it happened: from then on its remedy stands in the days. */
function TellTrouble({ kind }: { kind: MishapKind }) {
  const journal = useJournal();
  const { wallId } = useAddress();
  const plan = useWall(wallId)?.plan;
  const isUnderWay = useJobState((state) => state.plan.now !== undefined);
  const [chosen, setChosen] = useState(0);
  const { place: pointed, isPlacing, startPlacing, placeAt } = usePointedAt();
  if (!isUnderWay || !plan) return null;
  const places = placesOn(plan);
  const own = pointed?.wall === plan.id ? pointed : null;
  const at = own?.at ?? (places[chosen] ?? places[0])?.at;
  if (!at) return null;
  return (
    <div className="flex flex-wrap items-end gap-2 pt-2">
      <div className="min-w-0 flex-1">
        <Choice
          label="Where on this wall"
          options={[
            ...(own ? [{ label: "where you pointed", index: -1, selected: true }] : []),
            ...places.map(({ label }, index) => ({ label, index, selected: !own && index === chosen })),
          ]}
          onChoose={({ index }) => {
            if (index < 0) return;
            placeAt(null);
            setChosen(index);
          }}
        />
      </div>
      <Button aria-pressed={isPlacing} onClick={() => startPlacing(!isPlacing)}>
        <Crosshair size={17} aria-hidden /> Point at it
      </Button>
      <Button
        look="primary"
        className="min-h-12 w-full"
        onClick={() => {
          journal.tell([{ kind: "trouble", payload: { trouble: kind, wall: plan.id, place: at } }]);
          placeAt(null);
        }}
      >
        It happened here
      </Button>
    </div>
  );
}

interface Place {
  readonly label: string;
  readonly at: readonly [number, number];
}

const mostPlaces = 200;

/** The lines of a wall by what lies on their two sides, then its pieces. */
function placesOn({ lines, regions }: PlanWall): Place[] {
  const middle = ([[ax, ay], [bx, by]]: PlanWall["lines"][number]["path"]) =>
    [(ax + bx) / 2, (ay + by) / 2] as const;
  return [
    ...lines.map(({ use, between, path }) => ({
      label: between ? `${between[0]} | ${between[1]}` : use,
      at: middle(path),
    })),
    ...regions.map(({ name, label }) => ({ label: name, at: label })),
  ].slice(0, mostPlaces);
}
