"use client";

import { formatRun } from "@/core/measure/formatLength";
import type { PlanSundry } from "@/core/plan/planTypes";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { NumberField } from "@/ui/parts/NumberField";
import { priceText } from "@/ui/parts/packsText";
import { Section } from "@/ui/parts/Section";
import { useStore } from "@/ui/job/useStore";

/** All that is bought beside paint, counted from the work; what is owned is ticked. */
export function Sundries() {
  const plan = usePlan();
  const { units, currency } = useJob();
  const change = useJobState((state) => state.change);
  const store = useStore();
  const edit = (item: string, update: { price?: number }): string | null =>
    change((before) => ({
      ...before,
      supplies: { ...before.supplies, [item]: { ...before.supplies?.[item], ...update } },
    }))[0]?.message ?? null;
  if (plan.sundries.length === 0) return null;
  const rest = plan.tapeTotals.reduce((sum, { offcut_m }) => sum + offcut_m, 0);
  return (
    <Section
      name="buy/sundries"
      title="Tape and sundries"
      sum={priceText(plan.cost.sundries, currency)}
      isFolded
    >
      <ul>
        {plan.sundries.map((sundry) => (
          <SundryLine
            key={sundry.item}
            sundry={sundry}
            onEdit={(update) => edit(sundry.item, update)}
            onCount={(onHand) => store.countPieces(sundry.item, onHand)}
          />
        ))}
      </ul>
      {rest >= 0.05 && (
        <p className="text-[0.9375rem] text-soft">{`Of the tape ${formatRun(rest, units)} stay on the rolls or as ends too short for a pull.`}</p>
      )}
    </Section>
  );
}

function SundryLine({
  sundry: { name, why, count, onHand, buy, price, cost },
  onEdit,
  onCount,
}: {
  sundry: PlanSundry;
  onEdit: (update: { price?: number }) => string | null;
  onCount: (onHand: number) => string | null;
}) {
  const { currency } = useJob();
  return (
    <li className={`border-b border-hairline py-1 last:border-0 ${buy === 0 ? "text-soft" : ""}`}>
      <details>
        <summary className="flex min-h-11 cursor-pointer flex-wrap items-baseline gap-x-2">
          <span className="font-semibold">{buy > 0 ? `${buy} × ${name}` : `${name}: at hand`}</span>
          <span className="ml-auto font-semibold">
            {buy === 0 ? "" : price === null ? "no price" : priceText(cost, currency)}
          </span>
          <span className="w-full text-[0.9375rem] text-soft">
            <Measure>{`${count} needed: ${why}`}</Measure>
          </span>
        </summary>
        <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
          <NumberField label="At hand" value={onHand} whole onChange={onCount} />
          <NumberField
            label={`Price, ${currency}`}
            value={price}
            onChange={(amount) => onEdit({ price: amount })}
          />
          {buy > 0 && (
            <Button className="mb-6" onClick={() => onCount(count)}>
              I have them
            </Button>
          )}
        </div>
      </details>
    </li>
  );
}
