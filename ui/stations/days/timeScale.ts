import { minutesADay, minutesOfClock } from "@/core/measure/calendar";
import type { PlanDay } from "@/core/plan/planDayTypes";

const minutesAnHour = 60;

/** A day as a stretch of the strip: whole hours around its work. Times in minutes from the first midnight. */
export interface DaySpan {
  readonly day: PlanDay;
  readonly from: number;
  readonly to: number;
  readonly left: number;
  readonly right: number;
}

/** Days side by side, in px, with a narrow night between them. */
export interface TimeScale {
  readonly spans: readonly DaySpan[];
  readonly width: number;
  readonly nightPx: number;
  x(time: number): number;
  /** The time at a place; within a night, that of the nearer day's end. */
  timeAt(x: number): number;
}

/** Lays out the days of a plan over a width; hours are alike on all of them. */
export function timeScaleOf(days: readonly PlanDay[], width: number, nightPx: number): TimeScale {
  const bare = days.map((day) => {
    const midnight = (day.day - 1) * minutesADay;
    const from = Math.floor(minutesOfClock(day.from)! / minutesAnHour) * minutesAnHour;
    const to = Math.ceil(minutesOfClock(day.to)! / minutesAnHour) * minutesAnHour;
    return { day, from: midnight + from, to: midnight + to };
  });
  const worked = bare.reduce((sum, { from, to }) => sum + to - from, 0);
  const pxPerMinute = Math.max(0, width - nightPx * (days.length - 1)) / Math.max(1, worked);
  let left = 0;
  const spans = bare.map((span): DaySpan => {
    const right = left + (span.to - span.from) * pxPerMinute;
    const laid = { ...span, left, right };
    left = right + nightPx;
    return laid;
  });
  const within = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));
  return {
    spans,
    width,
    nightPx,
    x(time) {
      const next = spans.findIndex(({ to }) => time <= to);
      const span = spans[next] ?? spans.at(-1);
      if (!span) return 0;
      if (time >= span.from || next <= 0)
        return within(span.left + (time - span.from) * pxPerMinute, span.left, span.right);
      // In a night: as far across it as it has gone.
      const before = spans[next - 1]!;
      return before.right + ((time - before.to) / (span.from - before.to)) * nightPx;
    },
    timeAt(x) {
      const nearest = spans.reduce<DaySpan | null>((best, span) => {
        const off = ({ left: low, right: high }: DaySpan) => Math.max(low - x, x - high, 0);
        return best && off(best) <= off(span) ? best : span;
      }, null);
      if (!nearest) return 0;
      const { left: low, from, to } = nearest;
      return Math.round(within(from + (x - low) / Math.max(pxPerMinute, 1e-9), from, to));
    },
  };
}
