"use client";

import type { PlanMark, PlanWall } from "@/core/plan/planTypes";
import { boxOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import { useJob } from "@/ui/job/JobProvider";
import { WallDrawing } from "@/ui/wall-view/WallDrawing";

interface Props {
  readonly wall: Wall;
  readonly plan: PlanWall;
  readonly mark: PlanMark;
  readonly isDone: (mark: PlanMark) => boolean;
}

/** The wall with the marks that are made, the one in hand, and those to come. */
export function CalledWall({ wall, plan, mark, isDone }: Props) {
  const job = useJob();
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const [width, height] = [maxX - minX, maxY - minY];
  const tick = width / 70;
  return (
    <svg
      viewBox={`${minX - tick} ${-tick * 3} ${width + tick * 2} ${height + tick * 4}`}
      className="mx-5 mt-3 min-h-0 flex-1"
      aria-hidden="true"
    >
      <WallDrawing wall={wall} plan={plan} paints={job.paints} />
      <rect x={minX} width={width} height={height} className="fill-plaster" fillOpacity={0.45} />
      {plan.marks.map((other) => {
        const tone =
          other.id === mark.id
            ? "fill-violet stroke-violet"
            : isDone(other)
              ? "fill-leaf stroke-leaf"
              : "fill-soft stroke-soft";
        const [x, y] = other.axis === "x" ? [other.at, 0] : [minX, maxY - other.at];
        return (
          <g key={other.id} className={tone}>
            {other.id === mark.id &&
              (other.axis === "x" ? (
                <line x1={x} x2={x} y2={height} strokeWidth={3} vectorEffect="non-scaling-stroke" />
              ) : (
                <line x1={minX} x2={maxX} y1={y} y2={y} strokeWidth={3} vectorEffect="non-scaling-stroke" />
              ))}
            <path
              d={
                other.axis === "x"
                  ? `M${x} 0l${-tick * 0.7} ${-tick * 1.6}h${tick * 1.4}z`
                  : `M${x} ${y}l${-tick * 1.6} ${-tick * 0.7}v${tick * 1.4}z`
              }
              stroke="none"
            />
          </g>
        );
      })}
    </svg>
  );
}
