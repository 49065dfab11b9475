"use client";

import { PlateText } from "@/ui/parts/PlateText";
import { standOf } from "./readingsBeside";
import { readingsWithRoom } from "./readingsWithRoom";
import type { PlanMark, PlanTape } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJobState, useShownWall } from "@/ui/job/JobProvider";
import { useMarksDone } from "@/ui/job/useMarksDone";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

/** The level line, every mark with its reading, and the tape on the side where it sits. */
export function MarkLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const current = useJobState((state) => state.pointedAt);
  const found = useShownWall(wallId);
  const isDone = useMarksDone(wallId);
  if (!found?.plan) return null;
  const { plan, wall } = found;
  const level = plan.level?.at ?? 0;
  const shown = readingsWithRoom(plan.marks, frame, current);
  return (
    <g pointerEvents="none">
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
      {plan.marks.map((mark, index) => {
        const at = placeOf(mark, level, wall, frame);
        const tone = mark.id === current ? "fill-violet" : isDone(mark) ? "fill-leaf" : "fill-ink";
        const isX = mark.axis === "x";
        return (
          <g key={mark.id} role="img" aria-label={`Mark ${index + 1}, ${mark.reading}`}>
            <path
              transform={`translate(${at.x} ${at.y})`}
              d={isX ? "M0 0l-5 -11h10z" : "M0 0l-11 -5v10z"}
              className={`${tone} stroke-paper`}
            />
            {shown.has(mark.id) && <Told mark={mark} at={at} frame={frame} tone={tone} />}
          </g>
        );
      })}
    </g>
  );
}

/** Where a mark is made. */
function placeOf(mark: PlanMark, level: number, wall: Wall, { x, y, box }: LayerFrame): Px {
  if (mark.axis !== "x") return { x: x(mark.on === "right" ? wall.width : 0), y: y(mark.at) };
  const made = { level, top: box.maxY - wall.cornice }[mark.on as string] ?? box.minY + wall.skirting;
  return { x: x(mark.at), y: y(made) };
}

/** A reading beside the wall, and a fine line from its mark. */
function Told({ mark, at, frame, tone }: { mark: PlanMark; at: Px; frame: LayerFrame; tone: string }) {
  const stand = standOf(mark, frame);
  // The middle of the letters stands at the mark, not their base line.
  const across = 4.5;
  return (
    <>
      <line
        x1={at.x}
        y1={at.y}
        x2={stand.x}
        y2={stand.y}
        className="stroke-ink"
        strokeOpacity={0.45}
        strokeWidth={0.8}
      />
      <PlateText
        x={stand.x + (stand.turn === 0 ? 0 : across)}
        y={stand.y + (stand.turn === 0 ? across : 0)}
        turn={stand.turn}
        anchor={stand.anchor}
        size={12.5}
        tone={tone}
      >
        {mark.reading}
      </PlateText>
    </>
  );
}

/** The body of a piece of tape, to scale but never thinner than can be seen; along a curve on its inner or outer side. */
function TapeStrip({ piece, frame }: { piece: PlanTape; frame: LayerFrame }) {
  const width = Math.max(5, piece.width * frame.view.scale);
  const points = piece.path.map(([x, y]) => ({ x: frame.x(x), y: frame.y(y) }));
  const shifted = points.map((point, index) => {
    const [before, after] = [
      points[Math.max(0, index - 1)]!,
      points[Math.min(points.length - 1, index + 1)]!,
    ];
    const length = Math.hypot(after.x - before.x, after.y - before.y) || 1;
    // The left of the path as it is drawn, with y down.
    const normal = { x: (after.y - before.y) / length, y: -(after.x - before.x) / length };
    const side = piece.centred ? 0 : sideOfPath(piece.lies, normal, points) * (width / 2);
    return `${point.x + normal.x * side} ${point.y + normal.y * side}`;
  });
  return (
    <path d={`M${shifted.join("L")}`} fill="none" stroke="#9cc3b5" strokeOpacity={0.92} strokeWidth={width} />
  );
}

interface Px {
  readonly x: number;
  readonly y: number;
}

/** 1 where the tape's body lies to the left of the path, -1 to the right. */
function sideOfPath(lies: PlanTape["lies"], normal: Px, points: readonly Px[]): number {
  switch (lies) {
    case "left":
      return normal.x < 0 ? 1 : -1;
    case "right":
      return normal.x > 0 ? 1 : -1;
    case "above":
      return normal.y < 0 ? 1 : -1;
    case "below":
      return normal.y > 0 ? 1 : -1;
    case "inside":
    case "outside": {
      // A curve that turns right on the screen has its inside on the right.
      const [a, b, c] = [points[0]!, points[Math.floor(points.length / 2)]!, points.at(-1)!];
      const turn = (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
      return turn > 0 === (lies === "inside") ? -1 : 1;
    }
    default:
      return lies satisfies never;
  }
}
