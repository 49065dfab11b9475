"use client";

import dynamic from "next/dynamic";
import { formatVolume } from "@/core/measure/formatLength";
import { useStore } from "@/ui/job/useStore";
import { nearestPaints, type ReadSurface, type Spot } from "@/core/colour/readSpots";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Swatch } from "@/ui/parts/Swatch";

/** How many spots were read, how far they spread, and which went astray. */
export function spotWords(spots: readonly Spot[], { spread, astray }: ReadSurface): string {
  const read = `${spots.length} ${spots.length === 1 ? "spot" : "spots"} read, ${spread.toFixed(1)} off their mean.`;
  if (astray.length === 0) return read;
  const which = astray.map((place) => place + 1).join(", ");
  return `${read} Spot ${which} went astray and does not count.`;
}

/** The chart comes when something is read. */
const Spread = dynamic(() => import("./SpreadChart").then((module) => module.SpreadChart), {
  ssr: false,
  loading: () => <div className="h-24" />,
});

interface Props {
  readonly found: ReadSurface;
  /** Of what it was read. */
  readonly name: string;
}

/** The paints that come near what was read, and the way to keep it as one. */
export function NearestPaints({ found, name }: Props) {
  const { paints, volumes } = useJob();
  const { amountOf } = useStore();
  const change = useJobState((state) => state.change);
  const keep = () =>
    change((before) => {
      const id = freshId(`read ${name}`, before.paints);
      return { ...before, paints: [...before.paints, { id, name: `Read off ${name}`, hex: found.hex }] };
    });
  return (
    <>
      {found.off.length > 1 && <Spread found={found} />}
      <ul aria-label="Nearest paints">
        {nearestPaints(found, paints).map(({ id, difference, likeness, underLamp }) => {
          const paint = paints.find((one) => one.id === id)!;
          return (
            <li key={id} className="flex items-start gap-2 py-0.5 text-[0.9375rem]">
              <Swatch colour={found.hex} size={5} />
              <Swatch colour={paint.hex} size={5} />
              <span className="min-w-0 flex-1">
                {`${paint.name}: ${difference.toFixed(1)}, ${likeness}.`}
                {amountOf(id) > 0 && ` ${formatVolume(amountOf(id), volumes)} in the store.`}
                {underLamp !== undefined && (
                  <b className="font-semibold text-ochre">{` By the lamp they part: ${underLamp.toFixed(1)}.`}</b>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <Button onClick={keep}>Keep it as a paint</Button>
    </>
  );
}
