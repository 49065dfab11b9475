import { memo, useId, useMemo } from "react";
import type { PlanPoint, PlanWall } from "@/core/plan/planTypes";
import type { Box } from "@/core/geometry/curve";
import type { Paint } from "@/core/paint/schema";
import type { Wall } from "@/core/wall/schema";
import { boxOfWall, cornersInsideTrim, cornersOfWall } from "@/core/wall/boxOfWall";
import { LayerDrawing, type Look } from "./LayerDrawing";
import { pathOf } from "./pathOf";
import { wallLayers, type Layer } from "./wallLayers";

interface Props {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly paints: readonly Paint[];
  /** Prefix of pattern ids, needed where hatches are drawn; regions are hatched by paint as well as coloured. */
  readonly hatch?: string;
  /** Its small look, to be seen where broken colour lies. */
  readonly small?: string | null;
  /** Its pieces are many, and drawn on a canvas under it. */
  readonly isOnCanvas?: boolean;
}

/** What is not painted at all. */
export const unpainted = "#fbf8f1";

export const asPoints = (corners: readonly { x: number; y: number }[]): PlanPoint[] =>
  corners.map(({ x, y }) => [x, y]);

/** The elevation of a wall in its own mm: x from its datum, y down from its top. Colours are the client's own. */
export function WallDrawing({ wall, plan, paints, hatch, small = null, isOnCanvas = false }: Props) {
  const box = useMemo(() => boxOfWall(wall), [wall]);
  const outline = pathOf(asPoints(cornersOfWall(wall)), box.maxY);
  const inside = pathOf(asPoints(cornersInsideTrim(wall)), box.maxY);
  const layers = useMemo(() => wallLayers(wall, plan), [wall, plan]);
  const look = useMemo(() => lookOf(wall, paints, hatch), [wall, paints, hatch]);
  const clip = useId();
  const firstTint = small === null ? -1 : layers.findIndex(isTint);
  return (
    <g>
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      {plan?.sheets && (
        <clipPath id={`${clip}-papered`}>
          <path d={inside} />
        </clipPath>
      )}
      {hatch && <HatchPatterns prefix={hatch} />}
      {!isOnCanvas && (
        <>
          <path d={outline} fill={unpainted} />
          {!plan?.regions.length && plan?.surface_m2 !== 0 && (
            <path d={inside} fill={look.fillOf(wall.base)} />
          )}
        </>
      )}
      {layers.map((layer, index) => {
        if (isInFront(layer) || (isOnCanvas && isForTheCanvas(layer))) return null;
        if (index === firstTint && small !== null)
          return (
            <SmallLook key={index} address={small} box={box} d={layers.filter(isTint).map(({ d }) => d)} />
          );
        if (firstTint >= 0 && isTint(layer)) return null;
        const drawn = <LayerDrawing key={index} layer={layer} look={look} box={box} />;
        // Sheets are drawn past the wall and cut off as they are at its edges.
        return layer.kind === "sheet" ? (
          <g key={index} clipPath={`url(#${clip}-papered)`}>
            {drawn}
          </g>
        ) : (
          drawn
        );
      })}
      {wall.skirting + wall.cornice > 0 && plan?.surface_m2 !== 0 && (
        <path d={inside} fill="none" stroke="#b9ad9b" vectorEffect="non-scaling-stroke" />
      )}
      {layers.filter(isInFront).map((layer, index) => (
        <g key={index} clipPath={layer.kind === "opening" ? `url(#${clip})` : undefined}>
          <LayerDrawing layer={layer} look={look} box={box} />
        </g>
      ))}
      <path d={outline} fill="none" stroke="#2b1f33" strokeOpacity="0.55" vectorEffect="non-scaling-stroke" />
    </g>
  );
}

const isTint = (layer: Layer): layer is Extract<Layer, { kind: "tint" }> => layer.kind === "tint";

/** Broken colour as it looks, where it lies. */
function SmallLook({ address, box, d }: { address: string; box: Box; d: readonly string[] }) {
  const clip = useId();
  return (
    <>
      <clipPath id={clip}>
        {d.map((path, index) => (
          <path key={index} d={path} clipRule="evenodd" />
        ))}
      </clipPath>
      <image
        href={address}
        x={box.minX}
        y={0}
        width={box.maxX - box.minX}
        height={box.maxY - box.minY}
        preserveAspectRatio="none"
        clipPath={`url(#${clip})`}
      />
    </>
  );
}

/** What stands in a wall or before it, over the line of its trim. */
const isInFront = ({ kind }: Layer): boolean => kind === "opening" || kind === "fixture";
const isForTheCanvas = ({ kind }: Layer): boolean => kind === "pieces" || kind === "prints";

/** The client's own colours, and lines over those that are not the base where they are asked for. */
function lookOf(wall: Wall, paints: readonly Paint[], hatch: string | undefined): Look {
  const hatched = (prefix: string) => (id: string) =>
    id === wall.base ? undefined : `url(#${prefix}-${hatchIndex(paints, id)})`;
  return {
    fillOf: (id) => paints.find((paint) => paint.id === id)?.hex ?? "#ffffff",
    isColoured: true,
    // What is laid or printed is small beside pieces, and has finer lines.
    ...(hatch && { hatchOfPieces: hatched(hatch), hatchOf: hatched(`${hatch}-fine`) }),
  };
}

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
  small,
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
      <WallDrawing wall={wall} plan={plan} paints={paints} small={small} />
    </svg>
  );
});
