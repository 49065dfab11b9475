import { useMemo } from "react";
import type { ColourSet } from "@/core/colour/schema";
import { litColour } from "@/core/look/litColour";
import type { Paint } from "@/core/paint/schema";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { useLookState } from "./lookState";

/** Paints as they look where others stand in their place. */
export function inColoursOf(
  paints: readonly Paint[],
  set: Pick<ColourSet, "paints"> | undefined,
): readonly Paint[] {
  if (!set) return paints;
  const hexOf = new Map(paints.map(({ id, hex }) => [id, hex]));
  return paints.map((paint) => ({ ...paint, hex: hexOf.get(set.paints[paint.id] ?? paint.id) ?? paint.hex }));
}

/** The set in whose colours the job's walls are shown, null for its own, and the way to another. */
export function useWornSet() {
  const job = useJobState(({ jobId }) => jobId);
  const { worn, wear } = useLookState();
  return {
    worn: worn?.job === job ? worn.set : null,
    wear: (set: string | null) => wear(set === null ? null : { job, set }),
  };
}

/** The job's paints in the colours of a set, by the light that is chosen. */
export function useLitPaints(set: Pick<ColourSet, "paints"> | undefined): readonly Paint[] {
  const { paints } = useJob();
  const lighting = useLookState((state) => state.lighting);
  return useMemo(
    () => inColoursOf(paints, set).map((paint) => ({ ...paint, hex: litColour(paint.hex, lighting) })),
    [paints, set, lighting],
  );
}

/** The job's paints in the colours of the set that is shown. */
export function useShownPaints(): readonly Paint[] {
  const { paints, sets } = useJob();
  const { worn } = useWornSet();
  return useMemo(
    () =>
      inColoursOf(
        paints,
        sets.find(({ id }) => id === worn),
      ),
    [paints, sets, worn],
  );
}
