import { coatReasons } from "../findings/coatReasons";
import type { Speech } from "../findings/speech";
import type { Needs } from "./calculate";
import type { PaintOfJob } from "./calculatePaint";
import type { Job } from "./schema";
import type { Plan, PlanMix, PlanPacks, PlanPaint, PlanSundry, PlanTool } from "../plan/planTypes";
import { breaksAtCorners } from "../paint/batchBreaks";
import { formatMeasure, tintLoad, type Batches } from "../paint/mix";
import { toolKinds, type ToolItem } from "../work/toolKinds";
import { allSundries, sundryName } from "./allSundries";

/** What the job takes of one paint, in the words of the plan. */
export function describePaint({
  paint,
  need,
  alternatives,
  walls,
  advice,
  batches,
  ...best
}: PaintOfJob): PlanPaint {
  return {
    colour: paint.id,
    area_m2: need.areaM2,
    ...(need.mixedMl > 0 && { mixed_ml: need.mixedMl }),
    ...(batches && { made_ml: batches.makeMl }),
    ...(need.printedM2 > 0 && { printed_m2: need.printedM2 }),
    coats: paint.coats,
    need_ml: need.needMl,
    terms: {
      film_ml: need.filmMl,
      seal_ml: need.sealMl,
      past_ml: need.pastMl,
      tools_ml: need.toolsMl,
      touchUp_ml: need.touchUpMl,
    },
    store_ml: Math.min(need.needMl, paint.onHandMl),
    ...describePacks(best),
    alternatives: alternatives.map(describePacks),
    walls: walls.map(({ wall, areaM2, filmMl }) => ({ wall, area_m2: areaM2, film_ml: filmMl })),
    advice: advice && { coats: advice.coats, why: advice.because.map((code) => coatReasons[code]) },
  };
}

const describePacks = ({
  packs,
  cost,
  leftMl,
}: Pick<PaintOfJob, "packs" | "cost" | "leftMl">): PlanPacks => ({
  packs: packs.map(({ size, count, price, isEstimate }) => ({
    size_ml: size,
    count,
    price: isEstimate ? null : price,
  })),
  cost,
  left_ml: leftMl,
});

/** What the work is done with; what is not owned is on the shopping list. */
export const describeTools = (job: Job, tools: readonly ToolItem[], speech: Speech): PlanTool[] =>
  tools.map((item) => {
    const { why } = toolKinds[item];
    return {
      item,
      name: sundryName(item, job.units),
      why: speech.say({ code: why, values: { from: 1 } }),
      owned: !job.toolsToBuy.includes(item),
    };
  });

export const describeSundries = (job: Job, { sundries }: Needs, speech: Speech): PlanSundry[] =>
  sundries.map(({ item, from, count, onHand, buy, price, cost }) => {
    const { why } = allSundries[item]!;
    return {
      item,
      name: sundryName(item, job.units),
      why: speech.say({ code: why, values: { from } }),
      count,
      onHand,
      buy,
      price,
      cost,
    };
  });

/** The recipes of a job with what is measured for them. */
export function describeMixes(job: Job, paints: readonly PaintOfJob[]): Pick<Plan, "mixes"> {
  const mixOf = (id: string) => job.paints.find((paint) => paint.id === id)?.mix;
  const mixes = paints.flatMap((own): PlanMix[] => {
    const { paint, batches } = own;
    const { id, mix } = paint;
    if (!mix || !batches) return [];
    const load = tintLoad(mix, batches.each, mixOf);
    const taken = job.accepted?.find((one) => one.mix === id);
    const breaks = breaksOf(own, batches);
    return [
      {
        paint: id,
        make_ml: batches.makeMl,
        batches: batches.count,
        each: batches.each.map(({ paint: part, ml }) => ({
          ...(part === null ? { water: true as const } : { paint: part }),
          ml,
          measure: formatMeasure(ml, job.volumes),
        })),
        actual: { ...(load !== null && { ml_per_l: load }) },
        overLimit: load !== null && load > mix.limit!.ml_per_l + 1e-9,
        ...(taken && { accepted: taken.name }),
        ...(breaks && { breaks }),
      },
    ];
  });
  return mixes.length > 0 ? { mixes } : {};
}

/** The walls of each of some equal batches, where none has to break but at a corner: each holds the film of its walls, and what tools keep and touching up takes besides. */
function breaksOf({ walls }: PaintOfJob, { count, makeMl }: Batches): PlanMix["breaks"] | null {
  if (count < 2 || walls.length < 2) return null;
  const needs = walls.map(({ wall, filmMl }) => ({ wall, ml: filmMl }));
  const found = breaksAtCorners(needs, makeMl / count);
  return found && found.length <= count ? found.map(({ walls: own, ml }) => ({ walls: [...own], ml })) : null;
}
