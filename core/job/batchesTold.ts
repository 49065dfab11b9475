import { mixedColour, solidParts } from "../colour/mixColours";
import { differenceOf, labOf } from "../colour/difference";
import { toldOf } from "../journal/defineKind";
import type { Happened } from "../journal/happened";
import { batch } from "../journal/kinds/batch";
import { formatMoment } from "../journal/moment";
import { inBatch } from "../paint/bench";
import { formatMeasure, tintLoad } from "../paint/mix";
import type { PlanBatch } from "../plan/planMoneyTypes";
import type { Job } from "./schema";

/** Batches as they were really made, the last word of each: what is in them, how much tint, and how they dried. */
export function batchesTold(job: Job, happened: Happened): PlanBatch[] {
  const mixOf = (id: string) => job.paints.find((paint) => paint.id === id)?.mix;
  const last = new Map(toldOf(happened, batch).map((one) => [`${one.mix} ${one.n}`, one]));
  return [...last.values()].map((one): PlanBatch => {
    const additions = one.additions.map((added) => ({
      ml: added.ml,
      ...("paint" in added && { paint: added.paint }),
    }));
    const parts = inBatch(additions);
    const mix = mixOf(one.mix);
    const load = mix
      ? tintLoad(
          mix,
          parts.map(({ paint = null, ml }) => ({ paint, ml })),
          mixOf,
        )
      : null;
    const predicted = mixedColour(solidParts(parts, job.paints));
    const { at, by, entry } = one.told;
    return {
      mix: one.mix,
      n: one.n,
      of: one.of ?? one.n,
      parts: parts.map(({ paint, ml }) => ({
        ...(paint === undefined ? { water: true as const } : { paint }),
        ml,
        measure: formatMeasure(ml, job.volumes),
      })),
      ml: parts.reduce((sum, { ml }) => sum + ml, 0),
      ...(load !== null && { ml_per_l: load, overLimit: load > mix!.limit!.ml_per_l + 1e-9 }),
      ...(predicted !== null && { predicted }),
      ...(one.dry !== undefined && { dry: one.dry }),
      ...(one.dry !== undefined &&
        predicted !== null && { off: differenceOf(labOf(one.dry), labOf(predicted)) }),
      ...(one.useBy !== undefined && { useBy: one.useBy }),
      at: formatMoment(at.day, at.minutes),
      by,
      entry,
    };
  });
}
