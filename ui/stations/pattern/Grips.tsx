"use client";

import { useDrag } from "@use-gesture/react";
import { memo } from "react";
import type { Handle } from "@/core/finishes/editing";
import type { Point } from "@/core/geometry/point";
import type { Placing } from "@/ui/wall-view/placing";

interface Props {
  readonly handles: readonly Handle[];
  readonly placing: Placing;
  /** px a mm. */
  readonly scale: number;
  /** The handle in the hand, by its id. */
  readonly held: string | null;
  /** The handle as it was taken hold of, and where it is dragged to. */
  readonly onMove: (from: Handle, place: Point) => void;
  readonly onEnd: () => void;
  readonly onCancel: () => void;
}

/**
 * What can be taken hold of. One listener serves all of them; while one is held the others are hidden, since they lie where
 * the finish was, and not where it is shown.
 */
export function Grips({ handles, placing, scale, held, onMove, onEnd, onCancel }: Props) {
  const bind = useDrag(
    ({ event, movement: [dx, dy], memo: taken, first, last, canceled, tap }) => {
      if (tap) return undefined;
      const from = first ? handleUnder(event.target, handles) : (taken as Handle | undefined);
      if (!from) return undefined;
      if (canceled) onCancel();
      else if (last) onEnd();
      else onMove(from, { x: from.at.x + dx / scale, y: from.at.y - dy / scale });
      return from;
    },
    { pointer: { keys: false } },
  );
  return (
    <g {...bind()} className={held === null ? "" : "opacity-0"} style={{ touchAction: "none" }}>
      <AllGrips handles={handles} placing={placing} />
    </g>
  );
}

function handleUnder(target: EventTarget | null, handles: readonly Handle[]): Handle | undefined {
  const grip = target instanceof Element ? target.closest<SVGElement>("[data-handle]") : null;
  return grip ? handles[Number(grip.dataset.handle)] : undefined;
}

/** Drawn anew only when the finish or the view is another: never while one of them is dragged. */
const AllGrips = memo(function AllGrips({ handles, placing }: Pick<Props, "handles" | "placing">) {
  return handles.map((handle, index) =>
    handle.path.length > 0 ? (
      <LineGrip key={handle.id} index={index} handle={handle} placing={placing} />
    ) : (
      <PointGrip key={handle.id} index={index} handle={handle} placing={placing} />
    ),
  );
});

interface GripProps {
  readonly index: number;
  readonly handle: Handle;
  readonly placing: Placing;
}

function LineGrip({ index, handle, placing }: GripProps) {
  const d = placing.pathOf(handle.path);
  const start = placing.toPx(handle.path[0]!.a);
  const end = placing.toPx(handle.path[0]!.b);
  const grip = start.y < end.y - 1 || (Math.abs(start.y - end.y) <= 1 && start.x < end.x) ? start : end;
  const isFlat = handle.along?.x === 0;
  return (
    <g data-draggable data-handle={index} className={`group ${cursorOf(handle)}`}>
      <path d={d} fill="none" stroke="transparent" strokeWidth={16} />
      <path
        d={d}
        fill="none"
        className="stroke-transparent group-hover:stroke-violet"
        strokeWidth={1.5}
        pointerEvents="none"
      />
      {handle.along && (
        <path
          d={isFlat ? `M${grip.x - 2} ${grip.y}l-9 -5v10z` : `M${grip.x} ${grip.y - 2}l-5 -9h10z`}
          className="fill-violet stroke-paper"
        />
      )}
    </g>
  );
}

function PointGrip({ index, handle, placing }: GripProps) {
  const { x, y } = placing.toPx(handle.at);
  return (
    <g data-draggable data-handle={index} className={cursorOf(handle)}>
      <circle cx={x} cy={y} r={13} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={5}
        className="fill-paper stroke-violet"
        strokeWidth={1.75}
        pointerEvents="none"
      />
    </g>
  );
}

function cursorOf({ along }: Handle): string {
  if (along === null) return "cursor-move";
  return along.x === 0 ? "cursor-ns-resize" : "cursor-ew-resize";
}
