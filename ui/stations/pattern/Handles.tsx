"use client";

import { useMemo, useState, type KeyboardEvent } from "react";
import type { Handle } from "@/core/finishes/editing";
import { subtract, type Point } from "@/core/geometry/point";
import { formatReading } from "@/core/measure/formatReading";
import { roundToDivision } from "@/core/measure/roundToDivision";
import { snapPoint, type SnappedPoint } from "@/core/setout/snapPoint";
import { useJob } from "@/ui/job/JobProvider";
import { useChanging, useSnapTargets, type HandedFinish } from "./useEditing";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { Grips } from "./Grips";
import { PlaceReading } from "./PlaceReading";
import { placingOf, snapPx, type Placing } from "@/ui/wall-view/placing";

interface Props {
  readonly handed: HandedFinish;
  readonly frame: LayerFrame;
}

/** What of the finish in hand can be moved: dragged to where it lines up, or by the arrow keys. */
export function Handles({ handed, frame }: Props) {
  const { tapeDivision } = useJob();
  const { strip, offset, editing, spec } = handed;
  const [held, setHeld] = useState<{ handle: Handle; snapped: SnappedPoint } | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const targets = useSnapTargets(handed, held?.handle.lines ?? "all");
  const { show, settle, cancel, make } = useChanging(spec);
  const placing = useMemo(() => placingOf(frame, offset), [frame, offset]);
  const { handles } = editing;
  const put = (handle: Handle, place: Point, reach: number) => {
    const snapped = snapPoint(
      place,
      { along: handle.along, from: handle.at },
      targets!,
      reach,
      strip,
      tapeDivision,
    );
    setHeld({ handle, snapped });
    show(handle.moveTo(snapped.at));
  };
  return (
    <g>
      <Grips
        handles={handles}
        placing={placing}
        scale={frame.view.scale}
        held={held?.handle.id ?? null}
        onMove={(from, place) => {
          setChosen(from.id);
          put(from, place, snapPx / frame.view.scale);
        }}
        onEnd={() => {
          settle();
          setHeld(null);
        }}
        onCancel={() => {
          cancel();
          setHeld(null);
        }}
      />
      {handles.length > 0 && (
        <KeyboardHandle
          handles={handles}
          chosen={Math.max(
            0,
            handles.findIndex(({ id }) => id === chosen),
          )}
          onChoose={(index) => setChosen(handles[index]!.id)}
          onPut={(handle, place) =>
            make(
              handle.moveTo(
                snapPoint(place, { along: handle.along, from: handle.at }, targets!, 0, strip, tapeDivision)
                  .at,
              ),
            )
          }
          onChange={make}
          handed={handed}
          placing={placing}
          frame={frame}
        />
      )}
      {held && <HeldHandle {...held} handed={handed} placing={placing} frame={frame} />}
    </g>
  );
}

interface HeldProps extends Props {
  readonly handle: Handle;
  readonly snapped: SnappedPoint;
  readonly placing: Placing;
}

/** What is in the hand follows it at once; the new plan arrives behind it. */
function HeldHandle({ handle, snapped, handed, placing, frame }: HeldProps) {
  const { x, y } = placing.toPx(snapped.at);
  return (
    <g pointerEvents="none" data-held>
      <path
        d={placing.pathOf(handle.path, subtract(snapped.at, handle.at))}
        fill="none"
        className="stroke-violet"
        strokeWidth={2}
      />
      <PlaceReading
        at={snapped.at}
        along={handle.along}
        to={snapped.to}
        strip={handed.strip}
        x={x}
        y={y}
        frame={frame}
      />
    </g>
  );
}

interface KeyboardProps extends Props {
  readonly handles: readonly Handle[];
  readonly chosen: number;
  readonly placing: Placing;
  readonly onChoose: (index: number) => void;
  readonly onPut: (handle: Handle, place: Point) => void;
  readonly onChange: (change: ReturnType<Handle["moveTo"]>) => void;
}

const steps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
const fewDivisions = 10;

/** One stop for the keyboard: page keys choose a handle, arrows move it; arrows that cannot move it choose too. */
function KeyboardHandle({
  handles,
  chosen,
  placing,
  onChoose,
  onPut,
  onChange,
  handed,
  frame,
}: KeyboardProps) {
  const { tapeDivision, units } = useJob();
  const read = (mm: number) => formatReading(roundToDivision(mm, tapeDivision), units);
  const [isFocused, setFocused] = useState(false);
  const handle = handles[chosen]!;
  const { x, y } = placing.toPx(handle.at);
  const turn = (by: number) => onChoose(Math.min(handles.length - 1, Math.max(0, chosen + by)));
  const onKeyDown = (event: KeyboardEvent) => {
    const paged = { PageUp: 1, PageDown: -1 }[event.key];
    const step = steps[event.key];
    const isRemoving = event.key === "Delete" || event.key === "Backspace";
    if (paged === undefined && !step && !(isRemoving && handle.remove)) return;
    event.preventDefault();
    event.stopPropagation();
    if (paged !== undefined) return turn(paged);
    if (!step) return onChange(handle.remove!());
    const [dx, dy] = step;
    const { along, at } = handle;
    const forward = along ? dx * along.x + dy * along.y : 1;
    if (along && Math.abs(forward) < 1e-9) return turn(dx + dy);
    if (handle.nudge) return onChange(handle.nudge(Math.sign(forward)));
    const by = tapeDivision * (event.shiftKey ? fewDivisions : 1);
    onPut(
      handle,
      along
        ? { x: at.x + along.x * Math.sign(forward) * by, y: at.y + along.y * Math.sign(forward) * by }
        : { x: at.x + dx * by, y: at.y + dy * by },
    );
  };
  return (
    <g
      tabIndex={0}
      role="slider"
      aria-label={`${handle.name}, ${chosen + 1} of ${handles.length}. Page keys choose, arrows move it${handle.remove ? ", Delete takes it out" : ""}`}
      aria-valuenow={Math.round(handle.along?.x === 0 ? handle.at.y : handle.at.x)}
      aria-valuetext={`${read(handle.at.x - handed.offset)} along, ${read(handle.at.y)} up`}
      onKeyDown={onKeyDown}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      className="outline-none"
    >
      <path
        d={placing.pathOf(handle.path)}
        fill="none"
        className={isFocused ? "stroke-violet" : "stroke-transparent"}
        strokeWidth={3}
        pointerEvents="none"
      />
      {isFocused && (
        <PlaceReading
          at={handle.at}
          along={handle.along}
          to={[]}
          strip={handed.strip}
          x={x}
          y={y}
          frame={frame}
        />
      )}
    </g>
  );
}
