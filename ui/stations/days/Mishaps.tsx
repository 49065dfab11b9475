"use client";

import { useState } from "react";
import { speechOf } from "@/core/job/speechOf";
import { mendPlan } from "@/core/work/mend/mendPlan";
import { mishapKinds, mishaps, type MishapKind } from "@/core/work/mend/mishaps";
import { useJob } from "@/ui/job/JobProvider";
import { MendingSteps } from "./MendingSteps";
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
    <Section name="days/mishaps" title="When something goes wrong" isFolded>
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
    </Section>
  );
}
