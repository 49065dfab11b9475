"use client";

import { Measure } from "@/ui/parts/Measure";
import type { PlanTape } from "@/core/job/planTypes";
import { useWall } from "@/ui/job/JobProvider";
import { useMarkProgress } from "@/ui/stations/mark/useMarkProgress";
import type { LayerFrame } from "../WallStage";

/** The level line, every mark with its reading, and the tape on the side where it sits. */
export function MarkLayer({
  wallId,
  frame,
  current,
}: {
  wallId: string;
  frame: LayerFrame;
  current: string | null;
}) {
  const found = useWall(wallId);
  const { isDone } = useMarkProgress(wallId);
  if (!found?.plan) return null;
  const { plan, wall } = found;
  const level = plan.level?.at ?? 0;
  return (
    <g pointerEvents="none" aria-hidden="true">
      {plan.tape.map((piece) =>
        piece.cuts ? <TapeStrip key={piece.id} piece={piece} frame={frame} /> : null,
      )}
      {plan.level && (
        <line
          x1={frame.x(0)}
          x2={frame.x(wall.width)}
          y1={frame.y(level)}
          y2={frame.y(level)}
          className="stroke-violet"
          strokeDasharray="10 6"
          strokeWidth={1.5}
        />
      )}
      {plan.marks.map((mark) => {
        const isX = mark.axis === "x";
        const y = isX
          ? frame.y(
              mark.on === "level"
                ? level
                : mark.on === "top"
                  ? frame.box.maxY - wall.cornice
                  : frame.box.minY + wall.skirting,
            )
          : frame.y(mark.at);
        const x = isX ? frame.x(mark.at) : frame.x(mark.on === "right" ? wall.width : 0);
        const tone = mark.id === current ? "fill-violet" : isDone(mark) ? "fill-leaf" : "fill-ink";
        return (
          <g key={mark.id} transform={`translate(${x} ${y})`}>
            <path d={isX ? "M0 0l-5 -11h10z" : "M0 0l-11 -5v10z"} className={`${tone} stroke-paper`} />
            <g transform={isX ? "translate(0 -14) rotate(-90)" : "translate(8 -9)"}>
              <rect
                y={-9}
                width={mark.reading.length * 5.6 + 10}
                height={18}
                rx={4}
                className="fill-paper"
                fillOpacity={0.92}
              />
              <text x={4} y={4.5} className={`${tone} text-[12px] font-semibold`}>
                <Measure as="tspan">{mark.reading}</Measure>
              </text>
            </g>
          </g>
        );
      })}
    </g>
  );
}

/** The body of a piece of tape, to scale but never thinner than can be seen. */
function TapeStrip({ piece, frame }: { piece: PlanTape; frame: LayerFrame }) {
  const width = Math.max(5, piece.width * frame.view.scale);
  const [[ax, ay], [bx, by]] = [piece.path[0]!, piece.path.at(-1)!];
  const length = Math.hypot(bx - ax, by - ay) || 1;
  const normal = [-(by - ay) / length, (bx - ax) / length] as const;
  const along = {
    left: -normal[0],
    right: normal[0],
    above: normal[1],
    below: -normal[1],
    inside: 1,
    outside: -1,
  }[piece.lies];
  const shift = (Math.sign(along) * width) / 2;
  return (
    <line
      x1={frame.x(ax) + normal[0] * shift}
      y1={frame.y(ay) - normal[1] * shift}
      x2={frame.x(bx) + normal[0] * shift}
      y2={frame.y(by) - normal[1] * shift}
      stroke="#9cc3b5"
      strokeOpacity={0.92}
      strokeWidth={width}
    />
  );
}
