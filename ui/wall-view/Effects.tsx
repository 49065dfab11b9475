import { useMemo } from "react";
import type { PlanEffect, PlanWall } from "@/core/plan/planTypes";
import { tintsOf } from "@/core/pattern/tintsOf";
import { pathOf } from "./pathOf";

interface Props {
  readonly effects: readonly PlanEffect[];
  readonly regions: PlanWall["regions"];
  /** y of the wall's top, from which drawings run down, mm. */
  readonly top: number;
  readonly hexOf: (paint: string) => string;
}

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
  return effects.flatMap((effect, index) =>
    tintsOf(effect).map(({ paint, opacity }) => (
      <path
        key={`${effect.id} ${paint}`}
        d={paths[index]}
        fill={hexOf(paint)}
        fillOpacity={opacity}
        fillRule="evenodd"
        data-effect={effect.id}
      />
    )),
  );
}
