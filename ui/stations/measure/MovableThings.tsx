"use client";

import { useDrag } from "@use-gesture/react";
import { useRef, useState, type KeyboardEvent } from "react";
import { formatReading } from "@/core/measure/formatReading";
import { roundToDivision } from "@/core/measure/roundToDivision";
import type { Fixture, Opening, Wall } from "@/core/wall/schema";
import { snapPlace, type SnapTarget } from "@/core/wall/snapPlace";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, type JobDocument } from "@/ui/job/jobDocument";
import { HandReading, sizeOfReading } from "@/ui/wall-view/HandReading";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

type Thing = Opening | Fixture;
interface Place {
  readonly x: number;
  readonly y: number;
}

/** Things line up with each other when they come as close as this on the screen. */
const snapPx = 7;

/** Openings and fixtures as handles on the wall: drag them, or move them with the arrow keys a tape division at a time. */
export function MovableThings({ wallId, wall, frame }: { wallId: string; wall: Wall; frame: LayerFrame }) {
  const { place, settle, cancel, held } = useMoving(wallId, wall, frame);
  return (
    <g>
      {[...wall.openings, ...wall.fixtures].map((thing) => (
        <Handle
          key={thing.id}
          thing={thing}
          frame={frame}
          held={held?.id === thing.id ? held.to : null}
          onMove={(to) => place(thing, to, snapPx / frame.view.scale)}
          onNudge={(to) => {
            place(thing, to, 0);
            settle();
          }}
          onEnd={settle}
          onCancel={cancel}
        />
      ))}
    </g>
  );
}

/** Moves a thing in a copy of the document that is shown at once and kept when it is let go. */
function useMoving(wallId: string, wall: Wall, frame: LayerFrame) {
  const { tapeDivision } = useJob();
  const change = useJobState((state) => state.change);
  const preview = useJobState((state) => state.preview);
  const document = useJobState((state) => state.document);
  const pending = useRef<JobDocument | null>(null);
  const [held, setHeld] = useState<{ id: string; to: readonly (string | null)[] } | null>(null);
  const place = (thing: Thing, to: Place, reach: number) => {
    const targets = targetsFor(thing, wall, frame);
    const x = snapPlace(to.x, thing.width, targets.x, reach, tapeDivision);
    const y = snapPlace(to.y, thing.height, targets.y, reach, tapeDivision);
    const put = <Item extends { id: string }>(items: readonly Item[] | undefined) =>
      items && changeById(items, thing.id, (item) => ({ ...item, x: x.value, y: y.value }));
    pending.current = {
      ...document,
      walls: changeById(document.walls, wallId, (before) => ({
        ...before,
        openings: put(before.openings),
        fixtures: put(before.fixtures),
      })),
    };
    setHeld({ id: thing.id, to: [x.to, y.to] });
    preview(pending.current);
  };
  const settle = () => {
    const next = pending.current;
    pending.current = null;
    setHeld(null);
    if (next) change(() => next);
  };
  const cancel = () => {
    pending.current = null;
    setHeld(null);
    preview(document);
  };
  return { place, settle, cancel, held };
}

/** Edges and centres of the other things, the wall's ends, its floor at the left, and the datum line. */
function targetsFor(thing: Thing, wall: Wall, { box }: LayerFrame): Record<"x" | "y", SnapTarget[]> {
  const others = [...wall.openings, ...wall.fixtures].filter(({ id }) => id !== thing.id);
  const along = (axis: "x" | "y", size: "width" | "height") =>
    others.flatMap((other): SnapTarget[] => {
      const name = other.name ?? other.kind;
      const from = other[axis];
      return [
        { at: from, thing: name },
        { at: from + other[size] / 2, thing: `the middle of ${name}` },
        { at: from + other[size], thing: name },
      ];
    });
  return {
    x: [
      ...along("x", "width"),
      { at: 0, thing: "the left end" },
      { at: wall.width, thing: "the right end" },
      { at: wall.width / 2, thing: "the middle of the wall" },
    ],
    y: [
      ...along("y", "height"),
      { at: box.minY, thing: "the floor" },
      ...(wall.survey ? [{ at: 0, thing: "the level line" }] : []),
    ],
  };
}

/** The arrow keys move things by tape divisions, not by pixels. */
const pointerOnly = { pointer: { keys: false } } as const;

interface HandleProps {
  readonly thing: Thing;
  readonly frame: LayerFrame;
  /** While it is moved: what it lines up with along and up. */
  readonly held: readonly (string | null)[] | null;
  readonly onMove: (to: Place) => void;
  readonly onNudge: (to: Place) => void;
  readonly onEnd: () => void;
  readonly onCancel: () => void;
}

function Handle({ thing, frame, held, onMove, onNudge, onEnd, onCancel }: HandleProps) {
  const { tapeDivision, units } = useJob();
  const [isFocused, setFocused] = useState(false);
  const bind = useDrag(({ delta: [dx, dy], memo, last, canceled, tap }) => {
    if (tap) return undefined;
    const from = (memo as Place | undefined) ?? thing;
    const to = { x: from.x + dx / frame.view.scale, y: from.y - dy / frame.view.scale };
    if (canceled) onCancel();
    else if (last) onEnd();
    else onMove(to);
    return to;
  }, pointerOnly);
  const onKeyDown = (event: KeyboardEvent) => {
    const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!steps) return;
    event.preventDefault();
    event.stopPropagation();
    const by = tapeDivision * (event.shiftKey ? 16 : 1);
    onNudge({ x: thing.x + steps[0]! * by, y: thing.y + steps[1]! * by });
  };
  const [left, top] = [frame.x(thing.x), frame.y(thing.y + thing.height)];
  const size = { width: thing.width * frame.view.scale, height: thing.height * frame.view.scale };
  const name = thing.name ?? thing.kind;
  const reading = (mm: number) => formatReading(roundToDivision(Math.abs(mm), tapeDivision), units);
  const words = [
    `${reading(thing.x)} along${held?.[0] ? `, with ${held[0]}` : ""}`,
    `${reading(thing.y)} ${thing.y < 0 ? "down" : "up"}${held?.[1] ? `, with ${held[1]}` : ""}`,
  ];
  return (
    <g
      data-draggable
      tabIndex={0}
      role="button"
      aria-label={`${name}, ${reading(thing.x)} along, ${reading(thing.y)} ${thing.y < 0 ? "below" : "above"}; arrow keys move it`}
      className="cursor-move outline-none"
      style={{ touchAction: "none" }}
      onKeyDown={onKeyDown}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      {...bind()}
    >
      <rect
        x={left - 5}
        y={top - 5}
        width={size.width + 10}
        height={size.height + 10}
        rx={3}
        fill="transparent"
        className={held || isFocused ? "stroke-violet" : "stroke-transparent hover:stroke-violet/50"}
        strokeWidth={2}
        strokeDasharray={held ? undefined : "5 4"}
      />
      {(held || isFocused) && (
        <HandReading
          left={Math.min(left + size.width + 10, frame.size.width - sizeOfReading(words).width - 4)}
          top={Math.max(4, top - 32)}
          words={words}
        />
      )}
    </g>
  );
}
