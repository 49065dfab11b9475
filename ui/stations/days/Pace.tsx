"use client";

import { allFinishes } from "@/core/finishes/registry";
import { inchesPerFoot, m2PerFt2, mmPerInch } from "@/core/measure/units";
import type { PlanRate } from "@/core/plan/planDayTypes";
import { usualRates } from "@/core/trade/constants";
import type { Rates } from "@/core/work/schema";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { keepPace } from "@/ui/job/ownPaces";
import { NumberField } from "@/ui/parts/NumberField";
import { Section } from "@/ui/parts/Section";

/** What is timed, and by what it is counted. */
const paces = [
  { key: "taping_m_min", label: "Taping", by: "run" },
  { key: "sealing_m_min", label: "Sealing", by: "run" },
  { key: "cuttingIn_m_min", label: "Cutting in", by: "run" },
  { key: "handEdge_m_min", label: "Edges by hand", by: "run" },
  { key: "floating_m_min", label: "Floating a corner", by: "run" },
  { key: "rolling_m2_min", label: "Rolling", by: "area" },
  { key: "peeling_m_min", label: "Peeling", by: "run" },
  { key: "marking_min", label: "A mark", by: "minutes" },
  { key: "washingUp_min", label: "Washing up", by: "minutes" },
  { key: "closing_min", label: "Closing a day", by: "minutes" },
] as const;

/** How many of the unit that is shown are in the one that is kept, and what it is called. */
const paceUnits = {
  metric: {
    run: { unit: "m/min", of: 1 },
    area: { unit: "m²/min", of: 1 },
    minutes: { unit: "min", of: 1 },
    pieces: { unit: "a min", of: 1 },
  },
  imperial: {
    run: { unit: "ft/min", of: 1000 / (mmPerInch * inchesPerFoot) },
    area: { unit: "ft²/min", of: 1 / m2PerFt2 },
    minutes: { unit: "min", of: 1 },
    pieces: { unit: "a min", of: 1 },
  },
} as const;

interface Props {
  readonly rates: Rates;
  readonly onEdit: (rates: Partial<Rates>) => string | null;
}

const noRates: readonly PlanRate[] = [];
/** Three figures are as much as anyone works by. */
const toRead = (pace: number): string => String(Number(pace.toPrecision(3)));

/**
 * The painter's own pace, once a few pieces have been timed: the usual work, and that of the finishes that are used. What is taken is
 * planned with from then on, and kept in this browser for new jobs; it can be set back.
 */
export function Pace({ rates, onEdit }: Props) {
  const { finishes, units } = useJob();
  const timed = useJobState(({ plan }) => plan.rates) ?? noRates;
  const own = allFinishes
    .filter(({ kind }) => finishes.some((finish) => finish.kind === kind))
    .flatMap((finish) => Object.entries(finish.rates ?? {}))
    .map(
      ([key, { label, as, usual }]) =>
        ({ key, label, by: as === "minutes" ? "minutes" : "pieces", usual }) as const,
    );
  const common = paces.map((pace) => ({ ...pace, usual: usualRates[pace.key] }));
  return (
    <Section name="days/pace" title="Your own pace" isFolded>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {[...common, ...own].map(({ key, label, by, usual }) => {
          const { unit, of } = paceUnits[units][by];
          const take = (value: number | null) => {
            const problem = onEdit({ [key]: value ?? usual });
            if (problem === null) keepPace(key, value);
            return problem;
          };
          return (
            <div key={key}>
              <OnePace
                {...{ label, unit, of, usual, take }}
                rate={(rates as Readonly<Record<string, number>>)[key]}
                timed={timed.find((one) => one.rate === key)}
              />
            </div>
          );
        })}
      </div>
    </Section>
  );
}

interface One {
  readonly label: string;
  readonly unit: string;
  readonly of: number;
  readonly usual: number;
  readonly rate: number | undefined;
  readonly timed: PlanRate | undefined;
  /** Null sets it back to what is usual. */
  readonly take: (value: number | null) => string | null;
}

/** Usual, as it is planned with, and as it was timed here with how sure that is. */
function OnePace({ label, unit, of, usual, rate, timed, take }: One) {
  const look = "min-h-11 font-semibold text-violet underline";
  const isOwn = rate !== undefined && Math.abs(rate - usual) > 1e-9;
  return (
    <>
      <NumberField
        label={label}
        unit={unit}
        value={rate === undefined ? null : rate * of}
        onChange={(value) => take(value / of)}
      />
      <p className="pb-1 text-sm text-soft empty:hidden">
        {timed &&
          `Timed here ${timed.pieces} ${timed.pieces === 1 ? "time" : "times"}: ${toRead(timed.yours * of)}, between ${toRead(timed.low * of)} and ${toRead(timed.high * of)}. `}
        {timed && (
          <button
            type="button"
            className={look}
            aria-label={`${label}: take ${toRead(timed.yours * of)}`}
            onClick={() => take(Number(toRead(timed.yours * of)) / of)}
          >
            {`Take ${toRead(timed.yours * of)}`}
          </button>
        )}
        {isOwn && (
          <button
            type="button"
            className={look}
            aria-label={`${label}: back to the usual ${toRead(usual * of)}`}
            onClick={() => take(null)}
          >
            {`Usual ${toRead(usual * of)}`}
          </button>
        )}
      </p>
    </>
  );
}
