import type { PlanStep } from "../plan/planDayTypes";
import { usualStirMin } from "../trade/constants";
import { isOf } from "../trade/materials";
import type { Act } from "../work/act";
import { openMinutes } from "../work/broken/coats";
import type { Step } from "../work/step";
import type { WorkInput } from "../work/workInput";

/** Work that leaves a wet edge to be joined. */
const spreading: ReadonlySet<Act> = new Set<Act>(["prime", "base", "coat", "varnish"]);

/** What there is to keep an eye on while a step is done: how long its edge stays wet in this air, and what recurs. */
export function describeRhythm(
  { does, stirMin, cleanEvery, within = [] }: Step,
  { paints, work }: Pick<WorkInput, "paints" | "work">,
): Pick<PlanStep, "open_min" | "stir_min" | "clean_every" | "within"> {
  const spread = does.flatMap((one) => (spreading.has(one.act) ? (paints.get(one.with ?? "") ?? []) : []));
  const settles = spread.some(({ material }) => isOf(material, "settles"));
  const stir = stirMin ?? (settles ? usualStirMin : undefined);
  return {
    ...(spread.length > 0 && { open_min: Math.min(...spread.map((paint) => openMinutes(paint, work))) }),
    ...(stir !== undefined && { stir_min: stir }),
    ...(cleanEvery !== undefined && { clean_every: cleanEvery }),
    ...(within.length > 0 && { within: within.map((latest) => ({ ...latest })) }),
  };
}
