"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { differenceOf, labOf } from "@/core/colour/difference";
import { toldOf } from "@/core/journal/defineKind";
import { batch } from "@/core/journal/kinds/batch";
import { formatMeasure } from "@/core/paint/mix";
import type { PlanMix } from "@/core/plan/planTypes";
import { useHappened, useJob, useJournal } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { ColourField } from "@/ui/parts/ColourField";
import { NumberField } from "@/ui/parts/NumberField";
import { predictedOf } from "./useMixAdvice";

/** Shown until a colour is told. */
const unread = "#808080";

/** Batches as they were really made: what went into each, and what colour it dried. */
export function BatchesMade({ mix: { paint, each, batches } }: { mix: PlanMix }) {
  const { paints, volumes } = useJob();
  const journal = useJournal();
  const told = toldOf(useHappened(), batch).filter(({ mix }) => mix === paint);
  const n = Math.max(0, ...told.map((one) => one.n)) + 1;
  const [amounts, setAmounts] = useState<readonly number[] | null>(null);
  const [dry, setDry] = useState<string | null>(null);
  const nameOf = (id: string | undefined) =>
    id === undefined ? "water" : (paints.find((one) => one.id === id)?.name ?? id);
  const shown = each.map(({ ml }, place) => amounts?.[place] ?? ml);
  const tell = () => {
    const additions = each.map(({ paint: of }, place) =>
      of === undefined ? { water: true, ml: shown[place]! } : { paint: of, ml: shown[place]! },
    );
    journal.tell([
      {
        kind: batch.kind,
        payload: { mix: paint, n, of: Math.max(n, batches), additions, ...(dry !== null && { dry }) },
      },
    ]);
    setAmounts(null);
    setDry(null);
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        {told.length === 0 ? "A batch is made" : `Batches made: ${told.length}`}
      </summary>
      <ul>
        {told.map((one) => {
          const predicted = predictedOf(one.additions, paints);
          const off =
            one.dry !== undefined && predicted !== null
              ? differenceOf(labOf(one.dry), labOf(predicted))
              : null;
          return (
            <li key={one.told.entry} className="flex items-center gap-2 border-b border-hairline py-1">
              {one.dry !== undefined && (
                <span className="size-6 shrink-0 rounded-sm" style={{ background: one.dry }} aria-hidden />
              )}
              <span className="min-w-0 flex-1 text-[0.9375rem]">
                {`Batch ${one.n}: ${one.additions
                  .map(
                    (part) =>
                      `${formatMeasure(part.ml, volumes)} ${nameOf("paint" in part ? part.paint : undefined)}`,
                  )
                  .join(", ")}.`}
                {off !== null && ` Dried ${off.toFixed(1)} off what was predicted.`}
              </span>
              <Button
                look="quiet"
                onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry: one.told.entry } }])}
              >
                Take back<span className="sr-only"> batch {one.n}</span>
              </Button>
            </li>
          );
        })}
      </ul>
      <div className="grid grid-cols-2 gap-2 pt-2" role="group" aria-label={`What went into batch ${n}`}>
        {each.map(({ paint: of }, place) => (
          <NumberField
            key={of ?? "water"}
            label={`${nameOf(of)}, ml`}
            value={Math.round(shown[place]!)}
            onChange={(ml) => {
              setAmounts(shown.map((old, other) => (other === place ? ml : old)));
              return null;
            }}
          />
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-2 py-2">
        <div className="min-w-0 flex-1">
          <ColourField
            label={dry === null ? "As it dried, if you can tell" : "As it dried"}
            value={dry ?? unread}
            onChange={setDry}
          />
        </div>
        <Button look="primary" onClick={tell}>
          Batch {n} is made
        </Button>
      </div>
    </details>
  );
}
