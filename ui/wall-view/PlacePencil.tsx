"use client";

import { useState, type KeyboardEvent } from "react";
import type { Point } from "@/core/geometry/point";
import { arrowOf, PencilOverlay, PencilRing } from "./PencilOverlay";
import type { LayerFrame } from "./WallStage";

/** Arrow keys go so far, mm; with Alt a tenth of it. */
const strideMm = 50;

interface Props {
  /** What is put where: "Where it went wrong". */
  readonly label: string;
  readonly frame: LayerFrame;
  /** Is given places on the wall alone; what is pointed at beside it is none. */
  readonly onSet: (place: Point) => void;
  readonly onCancel: () => void;
}

/** Puts one place on a wall, by a click or by keys that begin in its middle. */
export function PlacePencil({ label, frame, onSet, onCancel }: Props) {
  const { minX, maxX, minY, maxY } = frame.box;
  const [pencil, setPencil] = useState<Point>({ x: (minX + maxX) / 2, y: (minY + maxY) / 2 });
  const isOn = ({ x, y }: Point): boolean => x >= minX && x <= maxX && y >= minY && y <= maxY;
  const set = (place: Point) => isOn(place) && onSet(place);
  const step = (event: KeyboardEvent) => {
    const { x, y } = arrowOf(event)!;
    const by = event.altKey ? strideMm / 10 : strideMm;
    setPencil({
      x: Math.min(maxX, Math.max(minX, pencil.x + x * by)),
      y: Math.min(maxY, Math.max(minY, pencil.y + y * by)),
    });
  };
  return (
    <PencilOverlay
      label={label}
      frame={frame}
      offset={0}
      onMove={setPencil}
      onSet={set}
      onStep={step}
      onEnter={() => set(pencil)}
      onCancel={onCancel}
    >
      {isOn(pencil) && <PencilRing x={frame.x(pencil.x)} y={frame.y(pencil.y)} />}
    </PencilOverlay>
  );
}
