"use client";

import { useMemo } from "react";
import { differenceOf, labOf, likenessOf } from "@/core/colour/difference";
import { bestAddition, mixedColour, nearestMix, offSoFar, type MixedPart } from "@/core/colour/mixColours";
import { batch } from "@/core/journal/kinds/batch";
import { toldOf } from "@/core/journal/defineKind";
import { filledShare, formatMeasure, measureMl } from "@/core/paint/mix";
import type { PlanMix } from "@/core/plan/planTypes";
import { useHappened, useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, type PaintDocument } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";

type MixDocument = NonNullable<PaintDocument["mix"]>;

/** Of what is measured: the colour of each part. */
function usePartsOf(each: PlanMix["each"]): MixedPart[] {
  const { paints } = useJob();
  return useMemo(
    () =>
      each.flatMap(({ paint, ml }) => {
        const hex = paint === undefined ? undefined : paints.find(({ id }) => id === paint)?.hex;
        return hex === undefined ? [] : [{ hex, amount: ml }];
      }),
    [each, paints],
  );
}

/** What a mix will look like when it is dry, how sure that is, and what brings it nearer to the colour that is meant. */
export function MixedColour({ mix: { paint: id, each, batches } }: { mix: PlanMix }) {
  const { paints, volumes } = useJob();
  const happened = useHappened();
  const change = useJobState((state) => state.change);
  const paint = paints.find((one) => one.id === id);
  const parts = usePartsOf(each);
  const others = useMemo(
    () => paints.filter((one) => one.id !== id && !one.mix && isOfOneKind(one, paint)),
    [paints, id, paint],
  );
  const target = paint?.hex;
  const predicted = useMemo(() => mixedColour(parts), [parts]);
  const nearest = useMemo(
    () => (target === undefined ? null : nearestMix(target, others, limitsOf(paint?.mix?.limit))),
    [target, others, paint],
  );
  const room = (paint?.mix?.container ?? 0) * filledShare - each.reduce((sum, { ml }) => sum + ml, 0);
  const addition = useMemo(
    () =>
      target === undefined
        ? null
        : bestAddition(parts, target, others, Math.max(0, room), measureMl[volumes]),
    [parts, target, others, room, volumes],
  );
  if (!paint?.mix || predicted === null || target === undefined || batches === 0) return null;
  const nameOf = (of: string) => paints.find((one) => one.id === of)?.name ?? of;
  const own = toldOf(happened, batch).filter((told) => told.mix === id && told.dry !== undefined);
  const { off: isOff, of } = offSoFar(
    own.map(({ dry, additions }) => ({ predicted: predictedOf(additions, paints) ?? predicted, dry: dry! })),
  );
  const off = differenceOf(labOf(predicted), labOf(target));
  // As much water to the paints as before.
  const solid = paint.mix.parts.reduce((sum, part) => sum + ("paint" in part ? part.parts : 0), 0);
  const mixOf = (shares: readonly { readonly id: string; readonly share: number }[]) =>
    change((before) => ({
      ...before,
      paints: changeById(before.paints, id, ({ mix, ...old }) => ({
        ...old,
        mix: {
          ...(mix as MixDocument),
          parts: [
            ...shares.map((one) => ({ paint: one.id, parts: Math.round(one.share * solid * 1000) / 1000 })),
            ...(mix?.parts ?? []).filter((part) => "water" in part),
          ],
        },
      })),
    }));
  const isNearer = nearest !== null && nearest.off < off - 0.5;
  return (
    <div className="py-2" role="group" aria-label={`Colour of the mix ${paint.name}`}>
      <div className="flex gap-1" aria-hidden>
        <span className="h-10 flex-1 rounded-l-md" style={{ background: predicted }} />
        <span className="h-10 flex-1 rounded-r-md" style={{ background: target }} />
      </div>
      <p className="flex justify-between text-sm text-soft">
        <span>predicted, dry</span>
        <span>what is meant</span>
      </p>
      <p className="text-[0.9375rem]">
        {`${off.toFixed(1)} apart: ${likenessOf(off)}. `}
        <span className="text-soft">
          {of === 0
            ? `No batch of it has dried yet: a prediction may be ${isOff} off. Dry a corner before you judge.`
            : `${of === 1 ? "One batch" : `${of} batches`} dried ${isOff.toFixed(1)} off what was predicted.`}
        </span>
      </p>
      {addition && addition.off < off - 0.5 && (
        <p className="pt-1 text-[0.9375rem]">
          {`${formatMeasure(addition.ml, volumes)} of ${nameOf(addition.id)} in a batch would bring it to ${addition.off.toFixed(1)} apart; there is room for ${formatMeasure(Math.max(0, room), volumes)}.`}
        </p>
      )}
      {isNearer && (
        <div className="pt-2">
          <p className="text-[0.9375rem]">
            {`Nearest of the job's paints, ${nearest.off.toFixed(1)} off: ${nearest.parts.map((part) => `${(part.share * 100).toFixed(1)} % ${nameOf(part.id)}`).join(", ")}.`}
          </p>
          <Button look="cure" onClick={() => mixOf(nearest.parts)}>
            Mix it of these
          </Button>
        </div>
      )}
    </div>
  );
}

const isOfOneKind = (
  one: { readonly material: string },
  other: { readonly material: string } | undefined,
): boolean => one.material === other?.material;

const limitsOf = (
  limit: { readonly of: string; readonly in: string; readonly ml_per_l: number } | undefined,
) => (limit ? [{ of: limit.of, in: limit.in, most: limit.ml_per_l / 1000 }] : []);

type Additions = readonly (
  { readonly paint: string; readonly ml: number } | { readonly water: true; readonly ml: number }
)[];

/** What was predicted of what really went in. */
export const predictedOf = (
  additions: Additions,
  paints: readonly { readonly id: string; readonly hex: string }[],
): string | null =>
  mixedColour(
    additions.flatMap((one) => {
      const hex = "paint" in one ? paints.find(({ id }) => id === one.paint)?.hex : undefined;
      return hex === undefined ? [] : [{ hex, amount: one.ml }];
    }),
  );
