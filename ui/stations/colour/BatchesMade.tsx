"use client";

import "@/ui/journal/telling";
import { Printer } from "lucide-react";
import { useState } from "react";
import { correctBatch } from "@/core/colour/correctBatch";
import { solidParts } from "@/core/colour/mixColours";
import { agreedOf } from "@/core/job/agreed";
import { decided } from "@/core/journal/kinds/decided";
import { recipeOf } from "@/core/paint/bench";
import { filledShare, formatMeasure, measureMl } from "@/core/paint/mix";
import type { PlanBatch, PlanMix } from "@/core/plan/planTypes";
import { useJob, useJobState, useJournal, usePlan } from "@/ui/job/JobProvider";
import { changeById } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";
import { Swatch } from "@/ui/parts/Swatch";
import { Bench } from "./Bench";
import { limitsOf } from "./useMixAdvice";

/** Batches as they were really made: what went into each, what colour it dried, and what becomes of one that is off. */
export function BatchesMade({ mix }: { readonly mix: PlanMix }) {
  const { batches = [] } = usePlan();
  const jobId = useJobState((state) => state.jobId);
  const made = batches.filter((one) => one.mix === mix.paint);
  const n = Math.max(0, ...made.map((one) => one.n)) + 1;
  return (
    <>
      {mix.overLimit && <TakeRisk mix={mix} />}
      {made.length > 0 && (
        <ul aria-label="Batches made">
          {made.map((one) => (
            <OneBatch key={one.entry} batch={one} />
          ))}
        </ul>
      )}
      <a
        className="inline-flex min-h-11 items-center gap-2 text-[0.9375rem] text-violet"
        href={`/print/${encodeURIComponent(jobId)}/labels`}
      >
        <Printer size={16} aria-hidden /> Labels for the tins
      </a>
      <details>
        <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
          {made.length === 0 ? "A batch is made" : "Another batch is made"}
        </summary>
        <Bench key={n} mix={mix} n={n} />
      </details>
    </>
  );
}

function OneBatch({ batch }: { readonly batch: PlanBatch }) {
  const { paints } = useJob();
  const journal = useJournal();
  const change = useJobState((state) => state.change);
  const nameOf = (id: string | undefined) => paints.find((one) => one.id === id)?.name ?? id ?? "water";
  const recipe = recipeOf(batch.parts);
  const takeAsRecipe = () =>
    change((before) => ({
      ...before,
      paints: changeById(before.paints, batch.mix, ({ mix, ...old }) => ({
        ...old,
        mix: { ...mix, parts: recipe! },
      })),
    }));
  return (
    <li className="border-b border-hairline py-1 text-[0.9375rem]">
      <p className="flex items-start gap-2">
        {batch.dry !== undefined && <Swatch colour={batch.dry} size={5} />}
        <span className="min-w-0 flex-1">
          {`Batch ${batch.n} of ${batch.of}: ${batch.parts.map(({ paint, measure }) => `${measure} ${nameOf(paint)}`).join(", ")}.`}
          {batch.off !== undefined && ` Dried ${batch.off.toFixed(1)} off what was predicted.`}
          {batch.overLimit === true && " More tint than its label allows."}
        </span>
      </p>
      <Corrected batch={batch} />
      <div className="flex flex-wrap gap-2">
        {recipe && (
          <Button look="quiet" className="-ml-3.5" onClick={takeAsRecipe}>
            Make it the recipe<span className="sr-only"> batch {batch.n}</span>
          </Button>
        )}
        <Button
          look="quiet"
          onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry: batch.entry } }])}
        >
          Take back<span className="sr-only"> batch {batch.n}</span>
        </Button>
      </div>
    </li>
  );
}

/** Of a batch that has dried: whether it is left, what brings it nearer, or that it is made anew. */
function Corrected({ batch: { mix: id, dry, parts, ml } }: { readonly batch: PlanBatch }) {
  const { paints, volumes } = useJob();
  const paint = paints.find((one) => one.id === id);
  if (dry === undefined || !paint?.mix) return null;
  const others = paints.filter((one) => one.id !== id && !one.mix && one.material === paint.material);
  const room = Math.max(0, paint.mix.container * filledShare - ml);
  const begun = {
    parts: solidParts(parts, paints),
    room,
    measure: measureMl[volumes],
    limits: limitsOf(paint.mix),
  };
  const { off, verdict, addition } = correctBatch(dry, begun, paint.hex, others);
  const add = addition
    ? `${formatMeasure(addition.ml, volumes)} of ${paints.find((one) => one.id === addition.id)!.name} would bring it to ${addition.off.toFixed(1)}; there is room for ${formatMeasure(room, volumes)}`
    : "no addition that there is room for brings it nearer";
  const words = {
    leave: "Nobody tells it from what is meant: leave it.",
    correct: `${off.toFixed(1)} from what is meant. ${add}: worth it.`,
    anew: `${off.toFixed(1)} from what is meant; ${add}. Make it anew, and put this one where it is not seen.`,
  }[verdict];
  return <p className={verdict === "leave" ? "text-leaf" : "text-ochre"}>{words}</p>;
}

/** More tint than the label allows, since the board was made so: somebody takes that upon himself, or the recipe changes. */
function TakeRisk({ mix }: { readonly mix: PlanMix }) {
  const job = useJob();
  const plan = usePlan();
  const journal = useJournal();
  const [name, setName] = useState("");
  if (mix.accepted !== undefined)
    return (
      <p className="text-[0.9375rem] text-soft">
        {`${mix.accepted || "The client"} has taken the risk: this recipe is repeated exactly.`}
      </p>
    );
  const take = () =>
    journal.tell([
      {
        kind: decided.kind,
        payload: {
          of: { mix: mix.paint },
          accepts: ["over-limit"],
          name: name.trim(),
          agreed: agreedOf(job, ["mix", mix.paint], plan),
        },
      },
    ]);
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        The board was made so: take the risk
      </summary>
      <div className="grid gap-2 pb-2">
        <p className="text-[0.9375rem] text-soft">
          A film with too much tint stays soft, rubs off and may bleed. Repeat the recipe exactly; another one
          is another colour.
        </p>
        <FormField
          label="Who knows and accepts it"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button onClick={take}>Write the risk down</Button>
      </div>
    </details>
  );
}
