import type { PlanTaping } from "@/core/plan/planTypes";
import { formatRun } from "@/core/measure/formatLength";
import type { UnitSystem } from "@/core/measure/units";

/** What a way asks of tape, beside it: "46 m of tape in 24 pieces, 12 crossings, 52 min". */
export function tapingWords(
  { tape_m: metres, pieces, crossings, minutes }: PlanTaping,
  units: UnitSystem,
): string {
  const counted = (count: number, thing: string) => `${count} ${count === 1 ? thing : `${thing}s`}`;
  return [
    `${formatRun(metres, units)} of tape in ${counted(pieces, "piece")}`,
    ...(crossings > 0 ? [counted(crossings, "crossing")] : []),
    `${Math.ceil(minutes)} min.`,
  ].join(", ");
}
