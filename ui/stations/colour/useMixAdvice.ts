import { useEffect, useMemo, useState } from "react";
import { differenceOf, labOf } from "@/core/colour/difference";
import { mixedColour, mixedReflectance, offSoFar, solidParts, type Amount } from "@/core/colour/mixColours";
import { bestAddition, type NearestMix, type ShareLimit } from "@/core/colour/nearestMix";
import { asPaint, inBothLights, partsUnderLamp } from "@/core/colour/underLamp";
import { toldOf } from "@/core/journal/defineKind";
import { batch } from "@/core/journal/kinds/batch";
import { filledShare, measureMl, type Mix } from "@/core/paint/mix";
import type { Paint } from "@/core/paint/schema";
import type { PlanMix } from "@/core/plan/planTypes";
import { useHappened, useJob } from "@/ui/job/JobProvider";
import { askForNearestMix } from "@/workers/trialsClient";

/** What was predicted of what really went in; null where a paint of it is gone. */
const predictedOf = (
  additions: readonly Amount[],
  paints: readonly Pick<Paint, "id" | "hex">[],
): string | null => mixedColour(solidParts(additions, paints));

/** What a mix will look like, how sure that is, and what brings it nearer to what is meant; null where that cannot be told. */
export function useMixAdvice({ paint: id, each }: PlanMix) {
  const { paints, volumes } = useJob();
  const happened = useHappened();
  const worked = useMemo(() => {
    const paint = paints.find((one) => one.id === id);
    const parts = solidParts(each, paints);
    const predicted = mixedColour(parts);
    if (!paint?.mix || predicted === null) return null;
    // What is of another kind is not stirred in.
    const others = paints.filter((one) => one.id !== id && !one.mix && one.material === paint.material);
    const room = Math.max(0, paint.mix.container * filledShare - each.reduce((sum, { ml }) => sum + ml, 0));
    const limits = limitsOf(paint.mix);
    const off = differenceOf(labOf(predicted), labOf(paint.hex));
    const reflected = mixedReflectance(parts);
    const lamp = reflected && partsUnderLamp(inBothLights(reflected), asPaint(paint.hex));
    const addition = bestAddition({ parts, room, measure: measureMl[volumes], limits }, paint.hex, others);
    return { paint, mix: paint.mix, predicted, reflected, lamp, room, off, addition, others, limits };
  }, [paints, volumes, id, each]);
  const nearest = useNearest(worked?.paint.hex, worked?.others ?? noPaints, worked?.limits ?? noLimits);
  if (!worked) return null;
  const dried = toldOf(happened, batch).flatMap(({ mix, additions, dry }) => {
    const predicted = mix === id && dry !== undefined ? predictedOf(additions, paints) : null;
    return predicted === null ? [] : [{ predicted, dry: dry! }];
  });
  return { ...worked, nearest, sure: offSoFar(dried) };
}

const noPaints: readonly Paint[] = [];
const noLimits: readonly ShareLimit[] = [];

/** Sought in the worker: all threes of the paints take a while. Null until it is found. */
function useNearest(target: string | undefined, paints: readonly Paint[], limits: readonly ShareLimit[]) {
  const [found, setFound] = useState<{ readonly asked: string; readonly mix: NearestMix | null } | null>(
    null,
  );
  const asked = JSON.stringify([target, paints.map(({ id, hex }) => ({ id, hex })), limits]);
  useEffect(() => {
    let isOver = false;
    const [hex, components, kept] = JSON.parse(asked) as Parameters<typeof askForNearestMix>;
    if (!hex) return;
    // Without an answer there is none to show.
    void askForNearestMix(hex, components, kept)
      .catch(() => null)
      .then((mix) => !isOver && setFound({ asked, mix }));
    return () => {
      isOver = true;
    };
  }, [asked]);
  return found?.asked === asked ? found.mix : null;
}

export const limitsOf = ({ limit }: Mix): ShareLimit[] =>
  limit ? [{ of: limit.of, in: limit.in, most: limit.ml_per_l / 1000 }] : [];
