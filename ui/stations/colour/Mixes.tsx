"use client";

import { formatMeasure } from "@/core/paint/mix";
import type { PlanMix } from "@/core/job/planTypes";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { DataTable } from "@/ui/parts/DataTable";
import { Section } from "@/ui/parts/Section";

/** The paints that are made: how many batches, and what is measured for each. */
export function Mixes() {
  const { mixes = [] } = usePlan();
  const { paints, volumes } = useJob();
  const find = (id: string) => paints.find((paint) => paint.id === id);
  return mixes.map((mix) => {
    const { paint, batches, make_ml, each, actual, overLimit } = mix;
    const limit = find(paint)?.mix?.limit;
    return (
      <Section
        key={paint}
        name={`colour/mix/${paint}`}
        title={`Mix ${find(paint)?.name ?? paint}`}
        swatch={find(paint)?.hex}
        sum={formatMeasure(make_ml, volumes)}
      >
        <p className="pb-1 text-[0.9375rem] text-soft">
          {batches === 0
            ? "There is enough of it in the store."
            : `${batches === 1 ? "One batch" : `${batches} equal batches, boxed together`}; for each:`}
        </p>
        {batches > 0 && (
          <DataTable<PlanMix["each"][number]>
            name={`Mix of ${find(paint)?.name ?? paint}`}
            rows={each}
            keyOf={({ paint: part }) => part ?? "water"}
            columns={[
              {
                key: "part",
                label: "Part",
                show: ({ paint: part }) => (part === undefined ? "water" : (find(part)?.name ?? part)),
                value: ({ paint: part }) => (part === undefined ? "water" : (find(part)?.name ?? part)),
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
        {limit && actual.ml_per_l !== undefined && (
          <p className={`pt-1 text-[0.9375rem] ${overLimit ? "font-semibold text-brick" : "text-soft"}`}>
            {`${Math.round(actual.ml_per_l)} ml of ${find(limit.of)?.name ?? limit.of} a litre as measured; its label allows ${limit.ml_per_l}.`}
          </p>
        )}
      </Section>
    );
  });
}
