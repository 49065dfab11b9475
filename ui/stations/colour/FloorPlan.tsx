import type { PointerEvent } from "react";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import type { Spot } from "./lookState";

interface Props {
  readonly wall: Wall;
  readonly spot: Spot;
  readonly onStand: (spot: Spot) => void;
  readonly reach: { readonly least: number; readonly most: number };
}

/** The plan shows so much floor before the wall and beside it, as shares of the wall's width. */
const deep = 1.1;
const beside = 0.15;

/** The room from above: the wall at the top, and the spot to stand on, put where one presses. The fields beside it take keys. */
export function FloorPlan({ wall, spot, onStand, reach }: Props) {
  const { minX, maxX } = boxOfWall(wall);
  const width = maxX - minX;
  const depth = Math.max(width * deep, spot.away * 1.1);
  const put = (event: PointerEvent<SVGSVGElement>) => {
    if (event.buttons === 0) return;
    const frame = event.currentTarget.getBoundingClientRect();
    const scale = Math.max((width * (1 + 2 * beside)) / frame.width, (depth * 1.05) / frame.height);
    const x = (event.clientX - frame.left - frame.width / 2) * scale + width / 2;
    const away = (event.clientY - frame.top) * scale - depth * 0.05;
    onStand({ ...spot, x, away: Math.min(reach.most, Math.max(reach.least, away)) });
  };
  const eye = width * 0.02;
  return (
    <svg
      viewBox={`${-width * beside} ${-depth * 0.05} ${width * (1 + 2 * beside)} ${depth * 1.05}`}
      preserveAspectRatio="xMidYMin meet"
      className="mt-2 block h-28 w-full cursor-crosshair touch-none rounded-md bg-paper"
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        put(event);
      }}
      onPointerMove={put}
    >
      <line x1={0} x2={width} className="stroke-ink" strokeWidth={width * 0.015} />
      {wall.openings.map(({ id, x, width: wide }) => (
        <line
          key={id}
          x1={x - minX}
          x2={x - minX + wide}
          className="stroke-paper"
          strokeWidth={width * 0.009}
        />
      ))}
      <path
        d={`M0 0L${spot.x} ${spot.away}L${width} 0`}
        className="fill-violet-wash stroke-violet"
        strokeWidth={width * 0.003}
        opacity={0.7}
      />
      <circle cx={spot.x} cy={spot.away} r={eye * 1.6} className="fill-violet" />
      <circle cx={spot.x} cy={spot.away} r={eye * 0.6} className="fill-paper" />
    </svg>
  );
}
