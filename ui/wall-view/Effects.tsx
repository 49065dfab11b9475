import { useMemo } from "react";
import type { PlanEffect, PlanWall } from "@/core/job/planTypes";
import { pathOf } from "./pathOf";

interface Props {
  readonly effects: readonly PlanEffect[];
  readonly regions: PlanWall["regions"];
  /** y of the wall's top, from which drawings run down, mm. */
  readonly top: number;
  readonly hexOf: (paint: string) => string;
}

/** How much of what is under it each hand hides, beside what it leaves bare. */
const hides: Record<PlanEffect["by"]["hand"], number> = { brush: 0.94, trowel: 1, flakes: 0.28, wash: 0.5 };

/** Broken colour as flat tints over what it lies on; the Colour station draws it as it will look. */
export function Effects({ effects, regions, top, hexOf }: Props) {
  const paths = useMemo(() => {
    const byId = new Map(regions.map((region) => [region.id, region]));
    return effects.map((own) =>
      own.regions
        .flatMap((id) => byId.get(id) ?? [])
        .flatMap(({ outline, holes }) => [outline, ...holes].map((ring) => pathOf(ring, top)))
        .join(""),
    );
  }, [effects, regions, top]);
  return effects.flatMap(({ id, by, tones }, index) => {
    let shown = 0;
    // Each tone over those before it, so thin that all are seen by their shares.
    return tones.map(({ paint, share }) => {
      shown += share;
      return (
        <path
          key={`${id} ${paint}`}
          d={paths[index]}
          fill={hexOf(paint)}
          fillOpacity={(share / shown) * hides[by.hand]}
          fillRule="evenodd"
          data-effect={id}
        />
      );
    });
  });
}
