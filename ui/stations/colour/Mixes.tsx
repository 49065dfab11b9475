"use client";

import dynamic from "next/dynamic";
import { formatMeasure } from "@/core/paint/mix";
import type { PlanMix } from "@/core/plan/planTypes";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { DataTable } from "@/ui/parts/DataTable";
import { MixOne, MixParts } from "./MixParts";
import { Section } from "@/ui/parts/Section";

/** Few jobs mix: what predicts a colour comes with those. */
const MixedColour = dynamic(() => import("./MixedColour").then((module) => module.MixedColour), {
  ssr: false,
});
const BatchesMade = dynamic(() => import("./BatchesMade").then((module) => module.BatchesMade), {
  ssr: false,
});

/** The paints that are made: how many batches, and what is measured for each. */
export function Mixes() {
  const { mixes = [] } = usePlan();
  const { paints } = useJob();
  // One that nothing is painted with yet is made of its parts all the same.
  const idle = paints.filter(({ id, mix }) => mix && !mixes.some(({ paint }) => paint === id));
  return (
    <>
      {mixes.map((mix) => (
        <Mix key={mix.paint} mix={mix} />
      ))}
      {idle.map(({ id, name, hex }) => (
        <Section
          key={id}
          name={`colour/mix/${id}`}
          title={`Mix ${name}`}
          swatch={hex}
          sum="not used yet"
          isFolded
        >
          <MixParts paint={id} />
        </Section>
      ))}
      <MixOne />
    </>
  );
}

/** One mix: its batches, what is measured for each, and the tint in it beside what the label allows. */
function Mix({ mix }: { mix: PlanMix }) {
  const { paint, batches, make_ml, each, actual, overLimit, breaks } = mix;
  const { paints, walls, volumes } = useJob();
  const find = (id: string) => paints.find((own) => own.id === id);
  const nameOf = (id: string | undefined) => (id === undefined ? "water" : (find(id)?.name ?? id));
  const limit = find(paint)?.mix?.limit;
  return (
    <Section
      name={`colour/mix/${paint}`}
      title={`Mix ${nameOf(paint)}`}
      swatch={find(paint)?.hex}
      sum={formatMeasure(make_ml, volumes)}
    >
      <p className="pb-1 text-[0.9375rem] text-soft">
        {batches === 0
          ? "There is enough of it in the store."
          : `${batches === 1 ? "One batch" : breaks ? `${batches} equal batches` : `${batches} equal batches, each poured half into the other before any is used`}; for each:`}
      </p>
      {batches > 0 && (
        <DataTable<PlanMix["each"][number]>
          name={`Mix of ${nameOf(paint)}`}
          rows={each}
          keyOf={({ paint: part }) => part ?? "water"}
          columns={[
            {
              key: "part",
              label: "Part",
              show: ({ paint: part }) => nameOf(part),
              value: ({ paint: part }) => nameOf(part),
            },
            {
              key: "measure",
              label: "Measure",
              isFigure: true,
              show: ({ measure }) => measure,
              value: ({ measure }) => measure,
            },
          ]}
        />
      )}
      {breaks && (
        <p className="pt-1 text-[0.9375rem] text-soft">
          {`No batch ends within a wall: ${breaks.map((own, place) => `${place + 1} for ${own.walls.map((id) => walls.find((wall) => wall.id === id)?.name ?? id).join(", ")}`).join("; ")}.`}
        </p>
      )}
      {limit && actual.ml_per_l !== undefined && (
        <p className={`pt-1 text-[0.9375rem] ${overLimit ? "font-semibold text-brick" : "text-soft"}`}>
          {`${Math.round(actual.ml_per_l)} ml of ${nameOf(limit.of)} a litre as measured; its label allows ${limit.ml_per_l}.`}
        </p>
      )}
      {batches > 0 && (
        <>
          <MixedColour mix={mix} />
          <BatchesMade mix={mix} />
        </>
      )}
      <details>
        <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">Its parts</summary>
        <MixParts paint={paint} />
      </details>
    </Section>
  );
}
