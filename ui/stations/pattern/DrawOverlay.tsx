"use client";

import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { distance, type Point } from "@/core/geometry/point";
import { snapPoint, type SnappedPoint, type SnapTargets } from "@/core/setout/snapPoint";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import type { Drawing } from "./useDrawing";
import { useSnapTargets } from "./useEditing";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { PlaceReading } from "./PlaceReading";
import { placingOf, snapPx } from "./placing";

interface Props {
  readonly drawing: Drawing;
  readonly frame: LayerFrame;
}

const arrows: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
};
/** Arrow keys go so many tape divisions at once; with Alt one at a time. */
const stride = 10;
const noLines: readonly string[] = [];

/** Over the whole wall while a tool is in hand: clicks set its points, and so does Enter where the pencil stands. */
export function DrawOverlay({ drawing, frame }: Props) {
  const { tapeDivision } = useJob();
  const { handed, tool, points } = drawing;
  const { strip, offset } = handed;
  const placing = placingOf(frame, offset);
  const targets = useSteadyTargets(drawing);
  const middles = useMiddles(drawing);
  const group = useRef<SVGGElement>(null);
  const [pencil, setPencil] = useState<SnappedPoint | null>(null);
  useEffect(() => group.current?.focus(), [tool.id]);

  const snap = (place: Point, reach: number): SnappedPoint =>
    tool.snaps
      ? snapPoint(place, { along: null, from: place }, targets, reach, strip, tapeDivision)
      : { at: place, to: [] };
  const placeOf = (event: PointerEvent<SVGRectElement>): SnappedPoint => {
    const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    const px = { x: event.clientX - box.left, y: event.clientY - box.top };
    return snap(placing.toPlace(px), snapPx / frame.view.scale);
  };
  const move = (to: SnappedPoint) => {
    setPencil(to);
    drawing.hover(to.at);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (!arrow && event.key !== "Enter" && event.key !== "Escape") return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === "Escape") return drawing.cancel();
    const { minX, maxX, minY, maxY } = strip.extent;
    const from = pencil?.at ?? { x: (Math.max(minX, offset) + maxX) / 2, y: (minY + maxY) / 2 };
    if (!arrow) {
      const isSame = points.length > 0 && distance(points.at(-1)!, from) < 1;
      return isSame && drawing.mayEnd ? drawing.end() : drawing.set(from);
    }
    if (!tool.snaps) return move({ at: nextMiddle(middles, from, arrow) ?? from, to: [] });
    const by = tapeDivision * (event.altKey ? 1 : event.shiftKey ? stride * stride : stride);
    move(snap({ x: from.x + arrow.x * by, y: from.y + arrow.y * by }, 0));
  };
  return (
    <g
      ref={group}
      data-draggable
      tabIndex={0}
      role="application"
      aria-label={`${tool.name} on the wall: ${drawing.asks}. Arrow keys move the pencil, Enter sets the point, Escape stops`}
      className="cursor-crosshair outline-none"
      onKeyDown={onKeyDown}
    >
      <rect
        width={frame.size.width}
        height={frame.size.height}
        fill="transparent"
        style={{ touchAction: "none" }}
        onPointerMove={(event) => move(placeOf(event))}
        onPointerUp={(event) => {
          if (event.button === 0) drawing.set(placeOf(event).at);
        }}
        onDoubleClick={() => drawing.mayEnd && drawing.end()}
      />
      <Trail drawing={drawing} pencil={pencil} frame={frame} />
    </g>
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
          <circle
            cx={tip.x}
            cy={tip.y}
            r={7}
            fill="none"
            className="stroke-violet"
            strokeWidth={2}
            pointerEvents="none"
          />
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
