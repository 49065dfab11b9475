"use client";

import { HaloText } from "@/ui/parts/HaloText";
import { useDrag } from "@use-gesture/react";
import { useRef, useState, type KeyboardEvent } from "react";
import { finishOf } from "@/core/finishes/registry";
import { formatReading } from "@/core/measure/formatReading";
import { formatLength } from "@/core/measure/formatLength";
import { roundToDivision } from "@/core/measure/roundToDivision";
import type { PlanLine, PlanWall } from "@/core/job/planTypes";
import { isOnWall, stripOfFinish } from "@/core/job/layOutWalls";
import { useJob, useJobState, useWall } from "@/ui/job/JobProvider";
import { changeById, type FinishDocument, type JobDocument } from "@/ui/job/jobDocument";
import type { LayerFrame } from "../WallStage";
import { findingsAt } from "../findingsAt";
import { FindingFlags } from "./FindingFlags";
import { LineReading } from "./LineReading";
import { RegionLabels } from "./RegionLabels";

/** The pattern's lines, to be dragged to another reading, with what was noticed about them. */
export function PatternLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const found = useWall(wallId);
  const [active, setActive] = useState<{ index: number; at: number } | null>(null);
  const [chosen, setChosen] = useState(0);
  const { drag, settle, undoDrag } = useLineDrag(wallId, found?.plan ?? null);
  if (!found?.plan) return null;
  const { plan } = found;
  const { lines, fit } = plan;
  const index = Math.min(chosen, lines.length - 1);
  const positions = lines.map((line) => positionOf(line, plan));

  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const turn = { ArrowUp: 1, ArrowDown: -1, PageUp: 1, PageDown: -1 }[event.key];
    if (step === undefined && turn === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    if (turn !== undefined) return setChosen(Math.min(lines.length - 1, Math.max(0, index + turn)));
    const to = nudged(plan, positions[index]!, index, step!);
    drag(index, to);
    settle();
  };

  return (
    <g>
      <RegionLabels plan={plan} frame={frame} />
      {fit && <SpanNote wallId={wallId} plan={plan} frame={frame} />}
      {lines.map((line, place) => (
        <LineHandle
          key={place}
          line={active?.index === place ? movedTo(line, plan, active.at) : line}
          frame={frame}
          isActive={active?.index === place}
          onMove={(to) => {
            const at = drag(place, to);
            setActive({ index: place, at });
          }}
          onEnd={() => {
            settle();
            setActive(null);
          }}
          onCancel={() => {
            undoDrag();
            setActive(null);
          }}
          toAxis={(x, y) => axisOf(plan, x, y)}
          onPoint={() => setChosen(place)}
        />
      ))}
      {lines.length > 0 && (
        <KeyboardLine
          line={lines[index]!}
          label={`Line ${index + 1} of ${lines.length}, ${lines[index]!.use}`}
          at={positions[index]!}
          onKeyDown={onKeyDown}
          frame={frame}
        />
      )}
      {active && (
        <LineReading line={movedTo(lines[active.index]!, plan, active.at)} at={active.at} frame={frame} />
      )}
      <FindingFlags findings={findingsAt(plan, "pattern")} frame={frame} />
    </g>
  );
}

const axisOf = ({ fit }: PlanWall, x: number, y: number): number =>
  fit ? fit.axis.normal[0] * x + fit.axis.normal[1] * y : 0;

const positionOf = (line: PlanLine, plan: PlanWall): number => axisOf(plan, ...line.path[0]);

/** The line itself follows the hand at once; the new plan arrives behind it. */
function movedTo(line: PlanLine, plan: PlanWall, at: number): PlanLine {
  const [nx, ny] = plan.fit?.axis.normal ?? [1, 0];
  const by = at - positionOf(line, plan);
  const [[ax, ay], [bx, by2]] = line.path;
  return {
    ...line,
    path: [
      [ax + nx * by, ay + ny * by],
      [bx + nx * by, by2 + ny * by],
    ],
  };
}

/** Where an arrow key sends a line: one stripe more or fewer, or far enough to be read as a move. */
function nudged({ fit }: PlanWall, at: number, index: number, step: number): number {
  if (!fit) return at;
  const spec = fit.chosen.fit as { by: string };
  if (spec.by === "width" || spec.by === "anchor") return at + step * (25.4 / 16 + 0.4);
  const { count } = fit.chosen;
  const span = (at - fit.axis.start) * (count / (index + 1));
  const wanted = Math.max(index + 2, count - step);
  return fit.axis.start + (span / wanted) * (index + 1);
}

/** Re-fits the finish while a line is dragged, and keeps the result as one step when it is let go. */
function useLineDrag(wallId: string, plan: PlanWall | null) {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const preview = useJobState((state) => state.preview);
  const document = useJobState((state) => state.document);
  const pending = useRef<JobDocument | null>(null);

  const drag = (line: number, to: number): number => {
    const original = document.finishes.findLast((finish) => isOnWall(job, finish, wallId));
    const spec = job.finishes.find((finish) => finish.id === original?.id);
    const at = roundToDivision(to, job.tapeDivision);
    if (!original || !spec || !plan?.fit) return at;
    const strip = stripOfFinish(job, spec);
    const offset = strip.parts.find((part) => part.wall.id === wallId)!.offset;
    const { normal } = plan.fit.axis;
    const set = finishOf(spec.kind).dragLine(spec, strip, job, line, to + normal[0] * offset);
    if (set) {
      const finishes = changeById<FinishDocument>(document.finishes, original.id, (finish) => ({
        ...finish,
        ...set,
      }));
      pending.current = { ...document, finishes };
      preview(pending.current);
    }
    return at;
  };
  const settle = () => {
    const next = pending.current;
    pending.current = null;
    if (next) change(() => next);
  };
  const undoDrag = () => {
    pending.current = null;
    preview(document);
  };
  return { drag, settle, undoDrag };
}

interface HandleProps {
  readonly line: PlanLine;
  readonly frame: LayerFrame;
  readonly isActive: boolean;
  readonly onMove: (to: number) => void;
  readonly onEnd: () => void;
  readonly onCancel: () => void;
  readonly onPoint: () => void;
  readonly toAxis: (x: number, y: number) => number;
}

function LineHandle({ line, frame, isActive, onMove, onEnd, onCancel, onPoint, toAxis }: HandleProps) {
  const [a, b] = line.path.map(([x, y]) => ({ x: frame.x(x), y: frame.y(y) })) as [
    { x: number; y: number },
    { x: number; y: number },
  ];
  const top = a.y < b.y ? a : b;
  const bind = useDrag(({ delta: [dx, dy], memo, first, last, canceled, tap }) => {
    if (tap) return undefined;
    if (first) onPoint();
    const from = (memo as number | undefined) ?? toAxis(...line.path[0]);
    const to = from + toAxis(dx / frame.view.scale, -dy / frame.view.scale);
    if (canceled) onCancel();
    else if (last) onEnd();
    else onMove(to);
    return to;
  });
  return (
    <g
      data-draggable
      className={line.kind === "level" ? "cursor-ns-resize" : "cursor-ew-resize"}
      {...bind()}
      style={{ touchAction: "none" }}
    >
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="transparent" strokeWidth={18} />
      <line
        x1={a.x}
        y1={a.y}
        x2={b.x}
        y2={b.y}
        className={isActive ? "stroke-violet" : "stroke-transparent"}
        strokeWidth={isActive ? 2 : 1}
        pointerEvents="none"
      />
      <path
        d={line.kind === "level" ? `M${a.x - 2} ${a.y}l-9 -5v10z` : `M${top.x} ${top.y - 2}l-5 -9h10z`}
        className="fill-violet stroke-paper"
      />
    </g>
  );
}

interface KeyboardLineProps {
  readonly line: PlanLine;
  readonly label: string;
  readonly at: number;
  readonly onKeyDown: (event: KeyboardEvent) => void;
  readonly frame: LayerFrame;
}

/** One stop for the keyboard: up and down choose a line, left and right move it. */
function KeyboardLine({ line, label, at, onKeyDown, frame }: KeyboardLineProps) {
  const job = useJob();
  const [isFocused, setFocused] = useState(false);
  const [[ax, ay], [bx, by]] = line.path;
  const reading = formatReading(roundToDivision(Math.abs(at), job.tapeDivision), job.units);
  return (
    <g
      tabIndex={0}
      role="slider"
      aria-label={`${label}. Up and down choose a line, left and right move it`}
      aria-valuenow={Math.round(at)}
      aria-valuetext={reading}
      onKeyDown={onKeyDown}
      onFocus={() => setFocused(true)}
      onBlur={() => setFocused(false)}
      className="outline-none"
    >
      <line
        x1={frame.x(ax)}
        y1={frame.y(ay)}
        x2={frame.x(bx)}
        y2={frame.y(by)}
        className={isFocused ? "stroke-violet" : "stroke-transparent"}
        strokeWidth={3}
        pointerEvents="none"
      />
      {isFocused && <LineReading line={line} at={at} frame={frame} />}
    </g>
  );
}

function SpanNote({ wallId, plan, frame }: { wallId: string; plan: PlanWall; frame: LayerFrame }) {
  const job = useJob();
  const wall = job.walls.find((candidate) => candidate.id === wallId)!;
  const { chosen, noun } = plan.fit!;
  const width = chosen.width === null ? "" : ` of ${formatLength(chosen.width, job.units)}`;
  const ends = chosen.ends === "same" ? "ends alike" : "ends different";
  const text = `${chosen.count} ${noun}s${width}, ${ends}`;
  const y = frame.y(frame.box.minY) + 24;
  const [left, right] = [frame.x(0), frame.x(wall.width)];
  return (
    <g aria-hidden="true" pointerEvents="none">
      <line x1={left} x2={right} y1={y} y2={y} className="stroke-ink" strokeWidth={0.8} />
      <path d={`M${left - 4} ${y + 4}l8 -8M${right - 4} ${y + 4}l8 -8`} className="stroke-ink" />
      <HaloText
        x={(left + right) / 2}
        y={y + 4.5}
        textAnchor="middle"
        halo="stroke-plaster"
        haloWidth={10}
        className="text-[13px] font-semibold"
      >
        {text}
      </HaloText>
    </g>
  );
}
