import { Fragment } from "react";
import type { Box } from "@/core/geometry/curve";
import type { PlanWall } from "@/core/plan/planTypes";

interface Props {
  readonly sheets: NonNullable<PlanWall["sheets"]>;
  /** The wall's own box: drawings run down from its top, mm. */
  readonly box: Box;
  /** Lines alone, on a sheet of paper. */
  readonly isPrinted?: boolean;
}

/** Sheets of paper in the wall's mm: their seams, their numbers, and where the pattern repeats on each. */
export function Sheets({ sheets, box, isPrinted = false }: Props) {
  const height = box.maxY - box.minY;
  return sheets.map(({ finish, drops, hex, repeat }) => (
    <Fragment key={finish}>
      {drops.map(({ n, from, to, phase }) => (
        <g key={n} data-sheet={n}>
          <rect
            x={from}
            y={0}
            width={to - from}
            height={height}
            fill={isPrinted ? "none" : hex}
            stroke={isPrinted ? "#000" : "#6b6070"}
            strokeDasharray={isPrinted ? "6 3" : undefined}
            vectorEffect="non-scaling-stroke"
          />
          {repeat !== null && (
            <path
              d={repeatsOf({ from, to, phase, repeat, height })}
              fill="none"
              stroke={isPrinted ? "#000" : "#00000038"}
              vectorEffect="non-scaling-stroke"
            />
          )}
        </g>
      ))}
    </Fragment>
  ));
}

/** A lozenge in the middle of every repeat, as a stand-in for the pattern: where neighbours match is seen by it. */
function repeatsOf({
  from,
  to,
  phase,
  repeat,
  height,
}: {
  readonly from: number;
  readonly to: number;
  readonly phase: number;
  readonly repeat: number;
  readonly height: number;
}): string {
  const [half, middle] = [Math.min(repeat, to - from) * 0.28, (from + to) / 2];
  const parts: string[] = [];
  for (let y = repeat / 2 - phase; y < height + half; y += repeat)
    parts.push(`M${middle} ${y - half}l${half} ${half}l${-half} ${half}l${-half} ${-half}z`);
  return parts.join("");
}
