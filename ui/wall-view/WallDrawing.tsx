import { memo, useCallback, useId, useMemo } from "react";
import { groupBy } from "@/core/geometry/groupBy";
import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";
import type { Paint } from "@/core/paint/schema";
import { isFixed, type Wall } from "@/core/wall/schema";
import { flattenContour } from "@/core/geometry/flatten";
import { boxOfWall, cornersInsideTrim, cornersOfWall } from "@/core/wall/boxOfWall";
import { Bricks } from "./Bricks";
import { Effects } from "./Effects";
import { pathOf } from "./pathOf";
import { Sheets } from "./Sheets";
import { Prints } from "./Prints";
import { openingContour } from "@/core/wall/openingContour";

interface Props {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly paints: readonly Paint[];
  /** Prefix of pattern ids, needed where hatches are drawn; regions are hatched by paint as well as coloured. */
  readonly hatch?: string;
  /** Its pieces are many, and drawn on a canvas under it. */
  readonly isOnCanvas?: boolean;
}

/** What is not painted at all. */
export const unpainted = "#fbf8f1";

export const asPoints = (corners: readonly { x: number; y: number }[]): PlanPoint[] =>
  corners.map(({ x, y }) => [x, y]);

/** The elevation of a wall in its own mm: x from its datum, y down from its top. Colours are the client's own. */
export function WallDrawing({ wall, plan, paints, hatch, isOnCanvas = false }: Props) {
  const top = boxOfWall(wall).maxY;
  const outline = pathOf(asPoints(cornersOfWall(wall)), top);
  const inside = pathOf(asPoints(cornersInsideTrim(wall)), top);
  const hexOf = useCallback(
    (id: string) => paints.find((paint) => paint.id === id)?.hex ?? "#ffffff",
    [paints],
  );
  // What is laid or printed is small beside pieces, and has finer lines.
  const hatchOf = hatch
    ? (id: string) => (id === wall.base ? undefined : `url(#${hatch}-fine-${hatchIndex(paints, id)})`)
    : undefined;
  const clip = useId();
  return (
    <g>
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      {hatch && <HatchPatterns prefix={hatch} />}
      {!isOnCanvas && (
        <>
          <path d={outline} fill={unpainted} />
          {plan?.regions.length ? (
            <Regions regions={plan.regions} top={top} paints={paints} base={wall.base} hatch={hatch} />
          ) : (
            plan?.surface_m2 !== 0 && <path d={inside} fill={hexOf(wall.base)} />
          )}
        </>
      )}
      {plan?.effects && <Effects effects={plan.effects} regions={plan.regions} top={top} hexOf={hexOf} />}
      {plan?.sheets && (
        <g clipPath={`url(#${clip}-papered)`}>
          <clipPath id={`${clip}-papered`}>
            <path d={inside} />
          </clipPath>
          <Sheets sheets={plan.sheets} box={boxOfWall(wall)} />
        </g>
      )}
      {plan?.bricks && <Bricks bricks={plan.bricks} top={top} fillOf={hexOf} hatchOf={hatchOf} />}
      {plan && !isOnCanvas && <Prints plan={plan} box={boxOfWall(wall)} fillOf={hexOf} hatchOf={hatchOf} />}
      {wall.skirting + wall.cornice > 0 && plan?.surface_m2 !== 0 && (
        <path d={inside} fill="none" stroke="#b9ad9b" vectorEffect="non-scaling-stroke" />
      )}
      {wall.openings.map((opening) => (
        <g key={opening.id} clipPath={`url(#${clip})`}>
          {opening.casing > 0 && (
            <path
              d={pathOf(pointsOf(opening, opening.casing), top)}
              fill="#f7f3ea"
              stroke="#8b8074"
              vectorEffect="non-scaling-stroke"
            />
          )}
          <path
            d={pathOf(pointsOf(opening, 0), top)}
            fill={opening.kind === "window" ? "#e2e8ea" : "#e6dfd3"}
            stroke="#8b8074"
            vectorEffect="non-scaling-stroke"
          />
        </g>
      ))}
      {wall.fixtures.map((fixture) => {
        const isFurniture = !isFixed(fixture);
        return (
          <rect
            key={fixture.id}
            x={fixture.x}
            y={top - fixture.y - fixture.height}
            width={fixture.width}
            height={fixture.height}
            fill={isFurniture ? "none" : "#ffffff"}
            stroke="#6b6070"
            strokeDasharray={isFurniture ? "6 5" : undefined}
            vectorEffect="non-scaling-stroke"
          />
        );
      })}
      <path d={outline} fill="none" stroke="#2b1f33" strokeOpacity="0.55" vectorEffect="non-scaling-stroke" />
    </g>
  );
}

interface RegionsProps {
  readonly regions: PlanWall["regions"];
  readonly top: number;
  readonly paints: readonly Paint[];
  readonly base: string;
  readonly hatch?: string;
}

/** The pieces of a wall, those of a colour as one path; drawn anew only when they are others. */
const Regions = memo(function Regions({ regions, top, paints, base, hatch }: RegionsProps) {
  const paths = useMemo(() => pathsByColour(regions, top), [regions, top]);
  return [...paths].map(([colour, d]) => {
    const hex = paints.find(({ id }) => id === colour)?.hex ?? "#ffffff";
    return (
      <g key={colour}>
        <path d={d} fill={hex} fillRule="evenodd" />
        {hatch && colour !== base && (
          <path d={d} fill={`url(#${hatch}-${hatchIndex(paints, colour)})`} fillRule="evenodd" />
        )}
      </g>
    );
  });
});

/** Path data by colour: pieces share no ground, so that all of a colour may be filled at once. */
export function pathsByColour(regions: PlanWall["regions"], top: number): Map<string, string> {
  const parts = groupBy(regions, ({ colour }) => colour);
  return new Map(
    [...parts].map(([colour, own]) => [
      colour,
      own.flatMap(({ outline, holes }) => [outline, ...holes].map((ring) => pathOf(ring, top))).join(""),
    ]),
  );
}

const pointsOf = (opening: Wall["openings"][number], margin: number): PlanPoint[] =>
  flattenContour(openingContour(opening, margin)).map(({ x, y }) => [x, y]);

/** Angle and spacing in mm; as many as colours are likely on one wall. */
const hatches = [
  { angle: 45, gap: 60 },
  { angle: -45, gap: 60 },
  { angle: 0, gap: 70 },
  { angle: 90, gap: 70 },
  { angle: 20, gap: 40 },
  { angle: -20, gap: 40 },
] as const;

const hatchIndex = (paints: readonly Paint[], paint: string): number =>
  Math.max(
    0,
    paints.findIndex(({ id }) => id === paint),
  ) % hatches.length;

function HatchPatterns({ prefix }: { prefix: string }) {
  return (
    <defs>
      <Hatches prefix={prefix} scale={1} thick={3.5} />
      <Hatches prefix={`${prefix}-fine`} scale={0.4} thick={18} />
    </defs>
  );
}

/** Dark lines with a light edge, so that they are seen on any paint; `thick` of the spacing before it is scaled. */
const Hatches = ({ prefix, scale, thick }: { prefix: string; scale: number; thick: number }) =>
  hatches.map(({ angle, gap }, index) => (
    <pattern
      key={index}
      id={`${prefix}-${index}`}
      width={gap}
      height={gap}
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${angle}) scale(${scale})`}
    >
      <rect width={thick} height={gap} fill="#000" fillOpacity="0.45" />
      <rect x={thick} width={thick} height={gap} fill="#fff" fillOpacity="0.35" />
    </pattern>
  ));

/** The whole wall as a small picture. */
export const MiniWall = memo(function MiniWall({
  wall,
  plan,
  paints,
  className,
}: Omit<Props, "hatch" | "isOnCanvas"> & { className?: string }) {
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  return (
    <svg
      viewBox={`${minX} 0 ${maxX - minX} ${maxY - minY}`}
      className={className}
      preserveAspectRatio="xMidYMid meet"
      aria-hidden="true"
    >
      <WallDrawing wall={wall} plan={plan} paints={paints} />
    </svg>
  );
});
