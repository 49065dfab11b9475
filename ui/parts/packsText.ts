import { formatTin } from "@/core/measure/formatLength";
import type { PlanPaint } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";

/** `1 x 1 L + 1 x 250 ml`, and what the store gives. */
export function packsText(paint: PlanPaint, job: Job): string {
  const colour = job.paints.find((candidate) => candidate.id === paint.colour);
  const packs = paint.packs.map(
    ({ count, size_ml }) => `${count > 1 ? `${count} × ` : ""}${formatTin(size_ml)}`,
  );
  const store = colour && colour.onHandMl > 0 ? ["store"] : [];
  const all = [...packs, ...store];
  if (all.length > 0) return all.join(" + ");
  return paint.made_ml === undefined ? "no tins listed" : "mixed";
}

/** A price with its currency's own sign, or its code where it has none. */
export const priceText = (amount: number, currency: string): string =>
  new Intl.NumberFormat("en-GB", { style: "currency", currency, currencyDisplay: "narrowSymbol" }).format(
    amount,
  );
