import { jobFormat } from "@/core/job/schema";
import type { UnitSystem, VolumeSystem } from "@/core/measure/units";
import { usualTins } from "@/core/paint/usualTins";
import type { JobDocument } from "@/ui/job/jobDocument";

interface Start {
  readonly name: string;
  readonly units: UnitSystem;
  readonly volumes: VolumeSystem;
  readonly currency: string;
}

/** Two paints to begin with, in their usual tins; names and colours are the painter's to change. */
export function firstDocument({ name, units, volumes, currency }: Start): JobDocument {
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
    walls: [],
    finishes: [],
  };
}
