"use client";

import { likenessOf } from "@/core/colour/difference";
import { isNearer, type NearestMix } from "@/core/colour/nearestMix";
import { formatMeasure, type Mix } from "@/core/paint/mix";
import type { PlanMix } from "@/core/plan/planTypes";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { changeById } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { Reflectance } from "./Reflectance";
import { useMixAdvice } from "./useMixAdvice";

/** What a mix will look like when it is dry, how sure that is, and what brings it nearer to the colour that is meant. */
export function MixedColour({ mix }: { mix: PlanMix }) {
  const { paints, volumes } = useJob();
  const change = useJobState((state) => state.change);
  const { decisions = [] } = usePlan();
  const advice = useMixAdvice(mix);
  if (!advice) return null;
  const { paint, predicted, room, off, nearest, addition, sure } = advice;
  // What is agreed is repeated as it is.
  const isAgreed = decisions.some(({ of, standing }) => of.mix === paint.id && standing === "agreed");
  const nameOf = (id: string) => paints.find((one) => one.id === id)?.name ?? id;
  const makeOf = (parts: NearestMix["parts"]) =>
    change((before) => ({
      ...before,
      paints: changeById(before.paints, paint.id, ({ mix: was, ...old }) => ({
        ...old,
        mix: { ...was, parts: partsOf(parts, advice.mix) },
      })),
    }));
  return (
    <div className="py-2" role="group" aria-label={`Colour of the mix ${paint.name}`}>
      <div className="flex gap-1" aria-hidden>
        <span className="h-10 flex-1 rounded-l-md" style={{ background: predicted }} />
        <span className="h-10 flex-1 rounded-r-md" style={{ background: paint.hex }} />
      </div>
      <p className="flex justify-between text-sm text-soft">
        <span>predicted, dry</span>
        <span>what is meant</span>
      </p>
      <p className="text-[0.9375rem]">
        {`${off.toFixed(1)} apart: ${likenessOf(off)}. `}
        <span className="text-soft">
          {sure.of === 0
            ? `No batch of it has dried yet: a prediction may be ${sure.off} off. Dry a corner before you judge.`
            : `${sure.of === 1 ? "One batch" : `${sure.of} batches`} dried ${sure.off.toFixed(1)} off what was predicted.`}
        </span>
      </p>
      {advice.lamp?.parts && (
        <p className="pt-1 text-[0.9375rem] text-ochre">
          {`By day it goes with what is meant, by the lamp they may part: ${advice.lamp.lamp.toFixed(1)}. Look at the board there, too.`}
        </p>
      )}
      {advice.reflected && <Reflectance name={paint.name} mixed={advice.reflected} meant={paint.hex} />}
      {addition && !isAgreed && (
        <p className="pt-1 text-[0.9375rem]">
          {`${formatMeasure(addition.ml, volumes)} of ${nameOf(addition.id)} more in a batch would bring it to ${addition.off.toFixed(1)} apart; there is room for ${formatMeasure(room, volumes)}.`}
        </p>
      )}
      {nearest && !isAgreed && isNearer(nearest.off, off) && (
        <div className="pt-2">
          <p className="text-[0.9375rem]">
            {`Nearest of the job's paints, ${nearest.off.toFixed(1)} off: ${nearest.parts.map(({ id, share }) => `${(share * 100).toFixed(1)} % ${nameOf(id)}`).join(", ")}.`}
          </p>
          <Button look="cure" onClick={() => makeOf(nearest.parts)}>
            Mix it of these
          </Button>
        </div>
      )}
    </div>
  );
}

/** Shares of paints as the parts of a mix, with as much water to the paints as before. */
function partsOf(shares: NearestMix["parts"], { parts }: Mix): Mix["parts"] {
  const solid = parts.reduce((sum, part) => sum + ("paint" in part ? part.parts : 0), 0);
  return [
    ...shares.map(({ id, share }) => ({ paint: id, parts: Math.round(share * solid * 1000) / 1000 })),
    ...parts.filter((part) => "water" in part),
  ];
}
