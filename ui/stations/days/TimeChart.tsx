"use client";

import { useMemo, type PointerEvent } from "react";
import { clockOf, minutesADay } from "@/core/measure/calendar";
import { nowOfPlan } from "@/core/plan/nowOfPlan";
import type { Plan } from "@/core/plan/planTypes";
import type { PlanDid, PlanStep } from "@/core/plan/planDayTypes";
import type { Job } from "@/core/job/schema";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { useWidth } from "@/ui/parts/useWidth";
import { useDayClock } from "./dayClock";
import { dayAt, dayTitle, shortDate } from "./dayWords";
import { timeScaleOf, type TimeScale } from "./timeScale";

const labelPx = 120;
/** A night is so wide, and all nights together at most a quarter of the chart. */
const widestNightPx = 12;
const nightsShare = 0.25;
/** A longer job is drawn as far as this. */
const mostDays = 90;
/** Hours of a narrower day are not drawn. */
const leastDayPx = 40;
const headPx = 34;
const rowPx = 26;
const leastBarPx = 2;

/** Every wall's steps along the working days, what dries under them, and the moment that is looked at. */
export function TimeChart({ wallId }: { wallId: string }) {
  const job = useJob();
  const plan = usePlan();
  const { at: looked, lookAt } = useDayClock();
  const at = looked ?? nowOfPlan(plan);
  const { ref, width } = useWidth();
  const scale = useMemo(() => {
    const days = plan.days.slice(0, mostDays);
    const room = Math.max(0, width - labelPx - 8);
    return timeScaleOf(days, room, Math.min(widestNightPx, (nightsShare * room) / Math.max(1, days.length)));
  }, [plan.days, width]);
  const rows = useMemo(() => rowsOf(job, plan), [job, plan]);
  if (!plan.work) return null;
  const height = headPx + rows.length * rowPx + 4;
  const place = (event: PointerEvent<SVGSVGElement>) => {
    const x = event.clientX - event.currentTarget.getBoundingClientRect().left - labelPx;
    lookAt(scale.timeAt(x));
  };
  return (
    <section aria-label="Time chart" className="shrink-0 border-t border-hairline bg-card px-3 pb-1 pt-1">
      <div ref={ref} className="relative max-h-[max(236px,36dvh)] overflow-y-auto">
        <RowNames rows={rows} wallId={wallId} />
        <svg
          width="100%"
          height={height}
          className="block touch-pan-y select-none"
          aria-hidden="true"
          onPointerMove={(event) => event.pointerType === "mouse" && place(event)}
          onPointerDown={place}
        >
          <Hatch />
          <g transform={`translate(${labelPx} 0)`}>
            <DayHeads scale={scale} height={height} />
            {rows.map((row, place) => (
              <g key={row.id ?? "room"} transform={`translate(0 ${headPx + place * rowPx})`}>
                <RowBars row={row} scale={scale} job={job} />
              </g>
            ))}
            {at !== null && (
              <line
                x1={scale.x(at)}
                x2={scale.x(at)}
                y1={headPx - 6}
                y2={height}
                className="stroke-violet"
                strokeWidth={2}
              />
            )}
          </g>
        </svg>
      </div>
      <MomentSlider plan={plan} />
    </section>
  );
}

/** What the rows are of; a name that is too long loses its end, and tells it when it is pointed at. */
function RowNames({ rows, wallId }: { rows: readonly Row[]; wallId: string }) {
  return (
    <ol aria-hidden="true" className="absolute left-0" style={{ top: headPx, width: labelPx - 8 }}>
      {rows.map(({ id, name }) => (
        <li
          key={id ?? "room"}
          title={name}
          className={`truncate text-right text-[12px] leading-[26px] ${id === wallId ? "font-bold text-violet" : "text-soft"}`}
        >
          {name}
        </li>
      ))}
    </ol>
  );
}

/** The moments at which something begins or ends, to be gone through by the keyboard. */
function MomentSlider({ plan }: { plan: Plan }) {
  const { at: looked, lookAt } = useDayClock();
  const at = looked ?? nowOfPlan(plan);
  const words = at === null ? null : looked === null ? "now" : momentWords(plan, at);
  const moments = useMemo(() => momentsOf(plan), [plan]);
  const past = moments.findLastIndex((time) => at === null || time <= at);
  const index = Math.max(0, past);
  return (
    <label className="flex items-center gap-2 text-[0.8125rem] text-soft">
      <span className="shrink-0">Moment</span>
      <input
        type="range"
        className="h-8 max-md:h-11 w-full accent-violet"
        min={0}
        max={moments.length - 1}
        value={index}
        aria-valuetext={words ?? "the finished work"}
        onChange={(event) => lookAt(moments[Number(event.target.value)]!)}
      />
      <span className="w-28 shrink-0 text-right font-semibold text-ink">{words ?? "all done"}</span>
    </label>
  );
}

interface Row {
  /** Null for what concerns the whole room. */
  readonly id: string | null;
  readonly name: string;
  readonly steps: readonly PlanStep[];
  /** What dries, from its end until what waits longest for it may start. */
  readonly waits: readonly {
    readonly id: string;
    readonly from: number;
    readonly until: number;
    readonly colour?: string;
  }[];
}

function rowsOf(job: Job, plan: Plan): Row[] {
  const until = new Map<string, number>();
  for (const step of plan.steps) {
    for (const wait of step.waitsFor) {
      if (wait.what !== "after") until.set(wait.step, Math.max(until.get(wait.step) ?? 0, wait.until));
    }
  }
  const last = plan.days[mostDays - 1]?.day ?? Infinity;
  const drawn = plan.steps.filter(({ day }) => day <= last);
  const row = (id: string | null, name: string): Row[] => {
    const steps = drawn.filter((step) => (step.wall ?? null) === id);
    const waits = steps.flatMap(({ id: step, end, colour }) => {
      const over = until.get(step);
      return over === undefined || over <= end ? [] : [{ id: step, from: end, until: over, colour }];
    });
    return steps.length > 0 ? [{ id, name, steps, waits }] : [];
  };
  return [...row(null, "The room"), ...job.walls.flatMap(({ id, name }) => row(id, name ?? id))];
}

const momentsOf = ({ steps }: Plan): number[] =>
  [...new Set(steps.flatMap(({ start, end }) => [start, end]))].sort((a, b) => a - b);

/** `Mon 11 Jan, 14:20` */
export function momentWords(plan: Plan, at: number): string {
  const day = dayAt(at);
  const known = plan.days.find((candidate) => candidate.day === day);
  return `${known ? shortDate(known) : `day ${day}`}, ${clockOf(at % minutesADay)}`;
}

function DayHeads({ scale, height }: { scale: TimeScale; height: number }) {
  return scale.spans.map(({ day, from, to, left, right }, place) => {
    const { nightPx } = scale;
    const count = right - left < leastDayPx ? 0 : (to - from) / 60 + 1;
    const hours = Array.from({ length: count }, (_, hour) => from + hour * 60);
    const every = (right - left) / hours.length < 26 ? 3 : 1;
    return (
      <g key={day.day}>
        {place > 0 && (
          <rect
            x={left - nightPx}
            y={4}
            width={nightPx}
            height={height}
            className="fill-ink"
            fillOpacity={0.14}
          />
        )}
        <text x={left + 2} y={13} className="fill-ink text-[12px] font-semibold">
          {right - left > 120
            ? dayTitle(day)
            : right - left > 50
              ? shortDate(day)
              : right - left > 12
                ? day.day
                : ""}
        </text>
        {hours.map((time, hour) => (
          <g key={time}>
            <line
              x1={scale.x(time)}
              x2={scale.x(time)}
              y1={headPx - 6}
              y2={height}
              className="stroke-hairline"
              strokeWidth={0.7}
            />
            {hour % every === 0 && hour < hours.length - 1 && (
              <text x={scale.x(time) + 2} y={headPx - 8} className="fill-soft text-[10px]">
                {(time / 60) % 24}
              </text>
            )}
          </g>
        ))}
      </g>
    );
  });
}

function RowBars({ row, scale, job }: { row: Row; scale: TimeScale; job: Job }) {
  const hexOf = (id: string | undefined) => job.paints.find((paint) => paint.id === id)?.hex;
  return (
    <>
      <line x1={0} x2={scale.width} y1={rowPx} y2={rowPx} className="stroke-hairline" strokeWidth={0.7} />
      {row.waits.map(({ id, from, until, colour }) => (
        <rect
          key={id}
          x={scale.x(from)}
          y={18}
          width={Math.max(0, scale.x(until) - scale.x(from))}
          height={5}
          fill="url(#drying)"
          stroke={hexOf(colour) ?? "#8b8074"}
          strokeWidth={0.8}
        />
      ))}
      {row.steps.map((step) => {
        const hex = hexOf(step.does.some(({ act }) => act === "clean") ? undefined : step.colour);
        return (
          <rect
            key={step.id}
            x={scale.x(step.start)}
            y={4}
            width={Math.max(leastBarPx, scale.x(step.end) - scale.x(step.start))}
            height={12}
            rx={1}
            fill={hex ?? toneOf(step)}
            stroke={step.isCritical ? "#2b1f33" : "#8b8074"}
            strokeWidth={step.isCritical ? 1.2 : 0.4}
          >
            <title>{`${step.from} to ${step.to} ${step.say}`}</title>
          </rect>
        );
      })}
    </>
  );
}

/** Taping is boxwood, as the rule is; marking violet; all that is not painting is quiet. */
function toneOf({ does }: PlanStep): string {
  const isDone = (...acts: readonly PlanDid["act"][]) =>
    does.some(({ act, of }) => of !== "wall" && acts.includes(act));
  if (isDone("tape", "mask", "peel", "unmask")) return "#d9b866";
  return isDone("mark") ? "#b7a3da" : "#cfc6b8";
}

function Hatch() {
  return (
    <defs>
      <pattern id="drying" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width={5} height={5} fill="#fffdf8" />
        <line y2={5} stroke="#2b1f33" strokeOpacity={0.35} strokeWidth={2} />
      </pattern>
    </defs>
  );
}
