"use client";

import { HaloText } from "@/ui/parts/HaloText";
import { formatLength, formatSpan } from "@/core/measure/formatLength";
import { useJob, useWall } from "@/ui/job/JobProvider";
import { FindingFlags } from "./FindingFlags";
import type { LayerFrame } from "../WallStage";

/** The measured sizes, written where they were taken. */
export function MeasureLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const found = useWall(wallId);
  const { units } = useJob();
  if (!found) return null;
  const { wall, plan } = found;
  const length = (mm: number) => formatLength(mm, units);
  return (
    <g>
      <g aria-hidden="true" pointerEvents="none">
        <Dimension
          x1={frame.x(0)}
          x2={frame.x(wall.width)}
          y={frame.y(0) + 24}
          text={formatSpan(wall.width, units)}
        />
        {wall.openings.map((opening) => {
          const [x, top] = [frame.x(opening.x + opening.width / 2), frame.y(opening.y + opening.height / 2)];
          return (
            <g key={opening.id}>
              <Words x={x} y={top - 3} text={opening.name ?? opening.kind} strong />
              <Words x={x} y={top + 14} text={`${length(opening.width)} × ${length(opening.height)}`} />
              <Dimension
                x1={frame.x(0)}
                x2={frame.x(opening.x)}
                y={frame.y(opening.y) + 14}
                text={length(opening.x)}
              />
            </g>
          );
        })}
        {wall.fixtures.map((fixture) => (
          <Words
            key={fixture.id}
            x={frame.x(fixture.x + fixture.width / 2)}
            y={frame.y(fixture.y) + 15}
            text={fixture.name ?? fixture.kind}
          />
        ))}
      </g>
      {plan && <FindingFlags plan={plan} frame={frame} />}
    </g>
  );
}

function Words({ x, y, text, strong }: { x: number; y: number; text: string; strong?: boolean }) {
  return (
    <HaloText
      x={x}
      y={y}
      textAnchor="middle"
      className={`text-[12.5px] ${strong ? "font-bold" : "font-medium"}`}
    >
      {text}
    </HaloText>
  );
}

function Dimension({ x1, x2, y, text }: { x1: number; x2: number; y: number; text: string }) {
  if (x2 - x1 < 8) return null;
  return (
    <g>
      <line x1={x1} x2={x2} y1={y} y2={y} className="stroke-ink" strokeWidth={0.9} />
      <path d={`M${x1 - 4} ${y + 4}l8 -8M${x2 - 4} ${y + 4}l8 -8`} className="stroke-ink" />
      <Words x={(x1 + x2) / 2} y={y + 4} text={text} strong />
    </g>
  );
}
