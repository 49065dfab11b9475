"use client";

import { useDrag } from "@use-gesture/react";
import { useRef, type KeyboardEvent } from "react";
import { formatLength } from "@/core/measure/formatLength";
import { roundToDivision } from "@/core/measure/roundToDivision";
import type { PlanSurvey } from "@/core/plan/planTypes";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { changeById, type JobDocument } from "@/ui/job/jobDocument";
import { PlateText } from "@/ui/parts/PlateText";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { fromTo } from "./fromTo";

const tones = {
  "won't show": "stroke-leaf",
  "may show": "stroke-ochre",
  "will show": "stroke-brick",
} as const;

/** The arrow keys move the line by tape divisions, not by pixels. */
const pointerOnly = { pointer: { keys: false } } as const;

/** The line that the datums are judged for: drag it, or move it with the arrow keys, and read what a level one shows. */
export function JudgedLine({
  wallId,
  survey,
  frame,
}: {
  wallId: string;
  survey: PlanSurvey;
  frame: LayerFrame;
}) {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const preview = useJobState((state) => state.preview);
  const document = useJobState((state) => state.document);
  const pending = useRef<JobDocument | null>(null);
  const level = survey.datums.find((datum) => datum.choice === "level");
  const moveTo = (height: number): JobDocument => {
    const judgeAt = roundToDivision(height, job.tapeDivision);
    return { ...document, walls: changeById(document.walls, wallId, (wall) => ({ ...wall, judgeAt })) };
  };
  const bind = useDrag(({ delta: [, dy], memo, last, canceled, tap }) => {
    if (tap) return undefined;
    const to = ((memo as number | undefined) ?? survey.judgedAt) - dy / frame.view.scale;
    if (canceled) preview(document);
    else if (last && pending.current) change(() => pending.current!);
    else preview((pending.current = moveTo(to)));
    return to;
  }, pointerOnly);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowUp: 1, ArrowDown: -1, PageUp: 16, PageDown: -16 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    change(() => moveTo(survey.judgedAt + step * job.tapeDivision));
  };
  const [left, right] = [frame.x(frame.box.minX), frame.x(frame.box.maxX)];
  const y = frame.y(survey.judgedAt);
  const text = level ? `level: ${fromTo(level.left, level.right, job.units)}` : "";
  return (
    <g
      data-draggable
      className="cursor-ns-resize outline-none [&:focus-visible>.line]:stroke-violet [&:focus-visible>.line]:stroke-[4px]"
      {...bind()}
      style={{ touchAction: "none" }}
      tabIndex={0}
      role="slider"
      aria-label="The line that is judged; up and down move it"
      aria-orientation="vertical"
      aria-valuenow={Math.round(survey.judgedAt)}
      aria-valuetext={`${formatLength(survey.judgedAt, job.units)}, ${level ? `${text}, ${level.verdict}` : "not on the wall"}`}
      onKeyDown={onKeyDown}
    >
      <line x1={left} x2={right} y1={y} y2={y} stroke="transparent" strokeWidth={18} />
      <line
        x1={left}
        x2={right}
        y1={y}
        y2={y}
        className={`line ${level ? tones[level.verdict] : "stroke-soft"}`}
        strokeWidth={2}
      />
      <path d={`M${right + 3} ${y}l9 -5v10z`} className="fill-violet stroke-paper" />
      {level && (
        <PlateText x={right - 8} y={y - 6} anchor="end">
          {right - left > 330 ? `${text}, ${level.verdict}` : level.verdict}
        </PlateText>
      )}
    </g>
  );
}
