import { jobFormat } from "@/core/job/schema";
import type { UnitSystem, VolumeSystem } from "@/core/measure/units";
import { usualTins } from "@/core/paint/usualTins";
import type { JobDocument } from "@/ui/job/jobDocument";

interface Start {
  readonly name: string;
  readonly units: UnitSystem;
  readonly volumes: VolumeSystem;
  readonly currency: string;
  /** The painter's own paces, by their names. */
  readonly paces: Readonly<Record<string, number>>;
}

/** Two paints to begin with, in their usual tins; names and colours are the painter's to change. */
export function firstDocument({ name, units, volumes, currency, paces }: Start): JobDocument {
  const packs = usualTins("wall-paint", volumes);
  return {
    format: jobFormat,
    name,
    units,
    volumes,
    currency,
    paints: [
      { id: "ground", name: "Ground", hex: "#EFE9DC", packs },
      { id: "colour-1", name: "Colour 1", hex: "#5B6F86", packs },
    ],
    ...(Object.keys(paces).length > 0 && { work: { rates: paces } }),
    walls: [],
    finishes: [],
  };
}
