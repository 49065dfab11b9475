"use client";

import "@/ui/journal/telling";
import { Minus, Plus } from "lucide-react";
import { useState } from "react";
import { differenceOf, labOf, likenessOf } from "@/core/colour/difference";
import { mixedColour, solidParts } from "@/core/colour/mixColours";
import { bestAddition } from "@/core/colour/nearestMix";
import { batch } from "@/core/journal/kinds/batch";
import { inBatch, loadsAfter, spoons, type Added } from "@/core/paint/bench";
import { filledShare, formatMeasure } from "@/core/paint/mix";
import type { PlanMix } from "@/core/plan/planTypes";
import { useJob, useJournal } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { ColourField } from "@/ui/parts/ColourField";
import { FormField } from "@/ui/parts/FormField";
import { IconButton } from "@/ui/parts/IconButton";
import { SelectList } from "@/ui/parts/SelectList";
import { useBench } from "./useBench";
import { limitsOf } from "./useMixAdvice";

/** Shown until a colour is told. */
const unread = "#808080";

/** A batch is made by the spoon: what is in it by now, how full, how much tint, what it will dry to, and what brings it nearer. */
export function Bench({ mix, n }: { readonly mix: PlanMix; readonly n: number }) {
  const { paints, volumes } = useJob();
  const [spoon, setSpoon] = useState(1);
  const bench = useBench(mix, n);
  const paint = paints.find(({ id }) => id === mix.paint);
  if (!paint?.mix) return null;
  const own = spoons[volumes];
  const parts = inBatch(bench.additions);
  const holds = paint.mix.container * filledShare;
  const full = parts.reduce((sum, { ml }) => sum + ml, 0);
  const nameOf = (id: string | undefined) => paints.find((one) => one.id === id)?.name ?? id ?? "water";
  const others = paints.filter(
    ({ id, mix: made }) => id !== paint.id && !made && !parts.some((part) => part.paint === id),
  );
  return (
    <div className="grid gap-2 py-2" role="group" aria-label={`The bench, batch ${n}`}>
      <Choice
        label="By the"
        options={own.map(({ name }, place) => ({ place, label: name, selected: place === spoon }))}
        onChoose={({ place }) => setSpoon(place)}
      />
      <ul>
        {parts.map(({ paint: id, ml }) => (
          <Part
            key={id ?? "water"}
            name={nameOf(id)}
            hex={paints.find((one) => one.id === id)?.hex}
            measure={formatMeasure(ml, volumes)}
            share={ml / Math.max(holds, full)}
            spoon={own[spoon]!.name}
            onAdd={(sign) => bench.add({ ...(id !== undefined && { paint: id }), ml: sign * own[spoon]!.ml })}
          />
        ))}
      </ul>
      {others.length > 0 && (
        <SelectList
          label="Another into it"
          items={[
            { label: "another into it" },
            ...others.map(({ name, hex }) => ({ label: name, swatch: hex })),
          ]}
          chosen={0}
          onChoose={(index) => index > 0 && bench.add({ paint: others[index - 1]!.id, ml: own[spoon]!.ml })}
        />
      )}
      <p className={`text-[0.9375rem] ${full > holds ? "font-semibold text-brick" : "text-soft"}`}>
        {full > holds
          ? `${formatMeasure(full, volumes)}: ${formatMeasure(full - holds, volumes)} more than can be stirred in its container.`
          : `${formatMeasure(full, volumes)} in it; room for ${formatMeasure(holds - full, volumes)}.`}
      </p>
      <Load mix={mix} additions={bench.additions} />
      <Nearer mix={mix} additions={bench.additions} room={holds - full} onAdd={bench.add} />
      <Made mix={mix} n={n} additions={bench.additions} onMade={bench.clear} />
      {bench.isOwn && (
        <Button look="quiet" className="-ml-3.5 justify-self-start" onClick={bench.clear}>
          Back to the recipe
        </Button>
      )}
    </div>
  );
}

interface PartProps {
  readonly name: string;
  readonly hex: string | undefined;
  readonly measure: string;
  /** Of what the container holds. */
  readonly share: number;
  readonly spoon: string;
  readonly onAdd: (sign: 1 | -1) => void;
}

/** A part as a bar, its measure large enough to be read at arm's length. */
const Part = ({ name, hex, measure, share, spoon, onAdd }: PartProps) => (
  <li className="flex items-center gap-2 py-1">
    <div className="min-w-0 flex-1">
      <p className="flex items-baseline justify-between gap-2">
        <span className="truncate text-[0.9375rem]">{name}</span>
        <b className="text-2xl font-semibold tabular-nums">{measure}</b>
      </p>
      <div className="h-2.5 overflow-hidden rounded-sm border border-ink/25" aria-hidden>
        <div className="h-full" style={{ width: `${share * 100}%`, background: hex ?? "#cfe3ea" }} />
      </div>
    </div>
    <IconButton label={`${spoon} less of ${name}`} onClick={() => onAdd(-1)}>
      <Minus size={18} aria-hidden />
    </IconButton>
    <IconButton label={`${spoon} more of ${name}`} onClick={() => onAdd(1)}>
      <Plus size={18} aria-hidden />
    </IconButton>
  </li>
);

interface OfBench {
  readonly mix: PlanMix;
  readonly additions: readonly Added[];
}

/** Tint by litre of its base as it is by now. */
function Load({ mix, additions }: OfBench) {
  const { paints } = useJob();
  const mixOf = (id: string) => paints.find((paint) => paint.id === id)?.mix;
  const own = mixOf(mix.paint);
  const load = own && loadsAfter(own, additions, mixOf).at(-1);
  if (!own?.limit || load === null || load === undefined) return null;
  const over = load > own.limit.ml_per_l + 1e-9;
  const nameOf = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  return (
    <p className={`text-[0.9375rem] ${over ? "font-semibold text-brick" : "text-soft"}`}>
      {`${load.toFixed(1)} ml of ${nameOf(own.limit.of)} in a litre of ${nameOf(own.limit.in)}; its label allows ${own.limit.ml_per_l}.`}
    </p>
  );
}

/** What it will dry to beside what is meant, and the one addition that brings it nearest. */
function Nearer({
  mix,
  additions,
  room,
  onAdd,
}: OfBench & { readonly room: number; readonly onAdd: (one: Added) => void }) {
  const { paints, volumes } = useJob();
  const paint = paints.find(({ id }) => id === mix.paint)!;
  const parts = solidParts(inBatch(additions), paints);
  const predicted = mixedColour(parts);
  if (predicted === null) return null;
  const off = differenceOf(labOf(predicted), labOf(paint.hex));
  const others = paints.filter((one) => one.id !== paint.id && !one.mix && one.material === paint.material);
  const found = bestAddition(
    { parts, room: Math.max(0, room), measure: spoons[volumes][0]!.ml, limits: limitsOf(paint.mix!) },
    paint.hex,
    others,
  );
  return (
    <div className="text-[0.9375rem]">
      <div className="flex gap-1" aria-hidden>
        <span className="h-8 flex-1 rounded-l-md" style={{ background: predicted }} />
        <span className="h-8 flex-1 rounded-r-md" style={{ background: paint.hex }} />
      </div>
      <p role="status">{`As it is, ${off.toFixed(1)} apart when it is dry: ${likenessOf(off)}.`}</p>
      {found && (
        <Button look="cure" onClick={() => onAdd({ paint: found.id, ml: found.ml })}>
          {`Add ${formatMeasure(found.ml, volumes)} of ${paints.find(({ id }) => id === found.id)!.name}: ${found.off.toFixed(1)} apart`}
        </Button>
      )}
    </div>
  );
}

/** It is made: told with what is in it, how it dried, and how long it keeps. */
function Made({ mix, n, additions, onMade }: OfBench & { readonly n: number; readonly onMade: () => void }) {
  const journal = useJournal();
  const [dry, setDry] = useState<string | null>(null);
  const [useBy, setUseBy] = useState("");
  const tell = () => {
    const parts = inBatch(additions).map(({ paint, ml }) =>
      paint === undefined ? { water: true, ml } : { paint, ml },
    );
    journal.tell([
      {
        kind: batch.kind,
        payload: {
          ...{ mix: mix.paint, n, of: Math.max(n, mix.batches), additions: parts },
          ...(dry !== null && { dry }),
          ...(useBy !== "" && { useBy }),
        },
      },
    ]);
    setDry(null);
    setUseBy("");
    onMade();
  };
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <ColourField
        label={dry === null ? "As it dried, if you can tell" : "As it dried"}
        value={dry ?? unread}
        onChange={setDry}
      />
      <FormField
        label="Use by"
        type="date"
        value={useBy}
        onChange={(event) => setUseBy(event.target.value)}
      />
      <p className="col-span-2 text-sm text-soft">
        Wet is not dry: dry a dab beside the board before you judge. A second word of the same batch takes the
        place of the first.
      </p>
      <Button look="primary" className="col-span-2" onClick={tell}>
        Batch {n} is made
      </Button>
    </div>
  );
}
