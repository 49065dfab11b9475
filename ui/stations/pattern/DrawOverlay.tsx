"use client";

import { useState, type KeyboardEvent } from "react";
import { distance, type Point } from "@/core/geometry/point";
import { snapPoint, type SnappedPoint, type SnapTargets } from "@/core/setout/snapPoint";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import type { Drawing } from "./useDrawing";
import { useSnapTargets } from "./useEditing";
import { arrowOf, PencilOverlay, PencilRing } from "@/ui/wall-view/PencilOverlay";
import { placingOf, snapPx } from "@/ui/wall-view/placing";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { PlaceReading } from "./PlaceReading";

interface Props {
  readonly drawing: Drawing;
  readonly frame: LayerFrame;
}

/** Arrow keys go so many tape divisions at once; with Alt one at a time. */
const stride = 10;
const noLines: readonly string[] = [];

/** Over the whole wall while a tool is in hand: clicks set its points, and so does Enter where the pencil stands. */
export function DrawOverlay({ drawing, frame }: Props) {
  const { tapeDivision } = useJob();
  const { handed, tool, points } = drawing;
  const { strip, offset } = handed;
  const targets = useSteadyTargets(drawing);
  const middles = useMiddles(drawing);
  const [pencil, setPencil] = useState<SnappedPoint | null>(null);

  const snap = (place: Point, reach: number): SnappedPoint =>
    tool.snaps
      ? snapPoint(place, { along: null, from: place }, targets, reach, strip, tapeDivision)
      : { at: place, to: [] };
  const near = (place: Point) => snap(place, snapPx / frame.view.scale);
  const move = (to: SnappedPoint) => {
    setPencil(to);
    drawing.hover(to.at);
  };
  const { minX, maxX, minY, maxY } = strip.extent;
  const from = pencil?.at ?? { x: (Math.max(minX, offset) + maxX) / 2, y: (minY + maxY) / 2 };
  const step = (event: KeyboardEvent) => {
    const arrow = arrowOf(event)!;
    if (!tool.snaps) return move({ at: nextMiddle(middles, from, arrow) ?? from, to: [] });
    const by = tapeDivision * (event.altKey ? 1 : event.shiftKey ? stride * stride : stride);
    move(snap({ x: from.x + arrow.x * by, y: from.y + arrow.y * by }, 0));
  };
  const enter = () => {
    const isSame = points.length > 0 && distance(points.at(-1)!, from) < 1;
    return isSame && drawing.mayEnd ? drawing.end() : drawing.set(from);
  };
  return (
    <PencilOverlay
      key={tool.id}
      label={`${tool.name} on the wall: ${drawing.asks}`}
      frame={frame}
      offset={offset}
      onMove={(place) => move(near(place))}
      onSet={(place) => drawing.set(near(place).at)}
      onStep={step}
      onEnter={enter}
      onCancel={drawing.cancel}
      onDoubleClick={() => drawing.mayEnd && drawing.end()}
    >
      <Trail drawing={drawing} pencil={pencil} frame={frame} />
    </PencilOverlay>
  );
}

interface TrailProps extends Props {
  readonly pencil: SnappedPoint | null;
}

/** The points that are set, the way between them, and where the pencil stands. */
function Trail({ drawing: { handed, tool, points }, pencil, frame }: TrailProps) {
  const { strip, offset } = handed;
  const placing = placingOf(frame, offset);
  const trail = [...points, ...(pencil ? [pencil.at] : [])].map(placing.toPx);
  const tip = pencil && placing.toPx(pencil.at);
  return (
    <>
      {points.length > 0 && (
        <path
          d={`M${trail.map(({ x, y }) => `${x} ${y}`).join("L")}`}
          fill="none"
          className="stroke-violet"
          strokeWidth={2}
          strokeDasharray="7 5"
          pointerEvents="none"
        />
      )}
      {points.map(placing.toPx).map(({ x, y }, index) => (
        <circle key={index} cx={x} cy={y} r={5} className="fill-violet stroke-paper" pointerEvents="none" />
      ))}
      {tip &&
        (tool.snaps ? (
          <PlaceReading
            at={pencil.at}
            along={null}
            to={pencil.to}
            strip={strip}
            x={tip.x}
            y={tip.y}
            frame={frame}
          />
        ) : (
          <PencilRing {...tip} />
        ))}
    </>
  );
}

/** What points line up with: the wall as it was before the first of them, without what is only shown so far. */
function useSteadyTargets({ handed, points }: Drawing): SnapTargets {
  const now = useSnapTargets(handed, noLines)!;
  const [steady, setSteady] = useState(now);
  if (points.length === 0 && steady !== now) setSteady(now);
  return steady;
}

/** Places well inside the pieces of the strip's walls, for a tool that is put on one. */
function useMiddles({ handed: { strip } }: Drawing): Point[] {
  const plan = usePlan();
  return strip.parts.flatMap(({ wall, offset }) =>
    (plan.walls.find(({ id }) => id === wall.id)?.regions ?? []).map(({ label: [x, y] }) => ({
      x: x + offset,
      y,
    })),
  );
}

/** The nearest middle more or less in a direction. */
function nextMiddle(middles: readonly Point[], from: Point, towards: Point): Point | null {
  let best: { at: Point; cost: number } | null = null;
  for (const at of middles) {
    const [dx, dy] = [at.x - from.x, at.y - from.y];
    const ahead = dx * towards.x + dy * towards.y;
    const aside = Math.abs(dx * towards.y) + Math.abs(dy * towards.x);
    if (ahead <= 1 || aside > 2 * ahead) continue;
    const cost = ahead + 2 * aside;
    if (!best || cost < best.cost) best = { at, cost };
  }
  return best?.at ?? null;
}
