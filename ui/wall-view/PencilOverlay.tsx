"use client";

import { useEffect, useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from "react";
import type { Point } from "@/core/geometry/point";
import { placingOf } from "./placing";
import type { LayerFrame } from "./WallStage";

interface Props {
  /** What is put where: "Miss on the wall: the thin place". */
  readonly label: string;
  readonly frame: LayerFrame;
  /** Where the wall that is shown lies along what places are told of. */
  readonly offset: number;
  readonly onMove: (place: Point) => void;
  readonly onSet: (place: Point) => void;
  /** An arrow key, from where the pencil stands. */
  readonly onStep: (event: KeyboardEvent) => void;
  readonly onEnter: () => void;
  readonly onCancel: () => void;
  readonly onDoubleClick?: () => void;
  readonly children: ReactNode;
}

const arrows: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
};

/** Which way an arrow key goes; undefined for another key. */
export const arrowOf = ({ key }: KeyboardEvent): Point | undefined => arrows[key];

/** Over the whole wall while something is put on it: clicks set it, and so does Enter where the pencil stands. */
export function PencilOverlay({ label, frame, offset, children, ...does }: Props) {
  const group = useRef<SVGGElement>(null);
  useEffect(() => group.current?.focus(), []);
  const placeOf = (event: PointerEvent<SVGRectElement>): Point => {
    const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    return placingOf(frame, offset).toPlace({ x: event.clientX - box.left, y: event.clientY - box.top });
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const isArrow = arrowOf(event) !== undefined;
    if (!isArrow && event.key !== "Enter" && event.key !== "Escape") return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === "Escape") does.onCancel();
    else if (isArrow) does.onStep(event);
    else does.onEnter();
  };
  return (
    <g
      ref={group}
      data-draggable
      tabIndex={0}
      role="application"
      aria-label={`${label}. Arrow keys move the pencil, Enter sets the point, Escape stops`}
      className="cursor-crosshair outline-none"
      onKeyDown={onKeyDown}
    >
      <rect
        width={frame.size.width}
        height={frame.size.height}
        fill="transparent"
        style={{ touchAction: "none" }}
        onPointerMove={(event) => does.onMove(placeOf(event))}
        onPointerUp={(event) => {
          if (event.button === 0) does.onSet(placeOf(event));
        }}
        onDoubleClick={does.onDoubleClick}
      />
      {children}
    </g>
  );
}

/** Where the pencil stands, px. */
export const PencilRing = ({ x, y }: Point) => (
  <circle cx={x} cy={y} r={7} fill="none" className="stroke-violet" strokeWidth={2} pointerEvents="none" />
);
