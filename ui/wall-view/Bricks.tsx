import { useMemo } from "react";
import type { PlanWall } from "@/core/plan/planTypes";

interface Props {
  readonly bricks: NonNullable<PlanWall["bricks"]>;
  /** y of the wall's top, from which drawings run down, mm. */
  readonly top: number;
  readonly fillOf: (paint: string) => string;
  readonly outline?: string;
  /** Lines over a paint, that tell it from others. */
  readonly hatchOf?: (paint: string) => string | undefined;
}

/** The faces of faux brick in the wall's mm, those of a tone as one path. */
export function Bricks({ bricks, top, fillOf, outline, hatchOf }: Props) {
  const paths = useMemo(() => pathsByTone(bricks, top), [bricks, top]);
  return [...paths].map(([tone, d]) => (
    <g key={tone}>
      <path d={d} fill={fillOf(tone)} stroke={outline} vectorEffect="non-scaling-stroke" data-bricks={tone} />
      {hatchOf && <path d={d} fill={hatchOf(tone) ?? "none"} />}
    </g>
  ));
}

function pathsByTone(bricks: Props["bricks"], top: number): Map<string, string> {
  const paths = new Map<string, string[]>();
  for (const { tone, box } of bricks.flatMap(({ list }) => list)) {
    const [x, y, width, height] = box.map((mm) => Math.round(mm * 100) / 100) as [
      number,
      number,
      number,
      number,
    ];
    const part = `M${x} ${top - y}h${width}v${-height}h${-width}z`;
    const own = paths.get(tone);
    if (own) own.push(part);
    else paths.set(tone, [part]);
  }
  return new Map([...paths].map(([tone, parts]) => [tone, parts.join("")]));
}
