"use client";

import { Bell, BellOff, Volume2 } from "lucide-react";
import { useEffect, useRef } from "react";
import type { PlanClock } from "@/core/plan/planDayTypes";
import { usePlan } from "@/ui/job/JobProvider";
import { clockWords } from "@/ui/job/stateWords";
import { formatDuration } from "@/core/measure/formatLength";
import { IconButton } from "@/ui/parts/IconButton";
import { Measure } from "@/ui/parts/Measure";
import { sound, useAlarm } from "./alarm";
import { useTicking } from "./useTicking";

const minuteMs = 60_000;
/** What is due so soon is in sight in another colour. */
const soonMin = 5;
const noClocks: readonly PlanClock[] = [];

/** By the clock on the spot: this device hangs beside the wall. */
const dueMs = ({ due }: PlanClock): number => new Date(due).getTime();

/** The next thing that is due, always in sight; the others under it. They are moments, so nothing counts down that sleep could stop. */
export function NextClock() {
  const { clocks = noClocks, now: planned } = usePlan();
  const now = useTicking();
  useSounding(clocks, now);
  const [next] = clocks;
  const { sounds, speaks, set } = useAlarm();
  useEffect(() => void useAlarm.persist.rehydrate(), []);
  if (!next) return null;
  return (
    <div className="flex items-center gap-1" role="timer" aria-label="Due next">
      <p className={`min-w-0 flex-1 leading-snug ${toneOf(next, now)}`}>
        <b className="font-display text-lg">{clockWords(next.due, planned)}</b>{" "}
        <span className="text-[0.9375rem]">
          <Measure>{`${next.say} ${leftWords(next, now)}`}</Measure>
        </span>
      </p>
      <IconButton
        label={sounds ? "Silent" : "Sound and tremble when due"}
        aria-pressed={sounds}
        onClick={() => set({ sounds: !sounds })}
      >
        {sounds ? <Bell size={19} aria-hidden /> : <BellOff size={19} aria-hidden />}
      </IconButton>
      <IconButton
        label={speaks ? "Do not speak" : "Speak what is due"}
        aria-pressed={speaks}
        className={speaks ? "text-violet" : ""}
        onClick={() => set({ speaks: !speaks })}
      >
        <Volume2 size={19} aria-hidden />
      </IconButton>
    </div>
  );
}

/** All of them but the next. */
export function OtherClocks() {
  const { clocks = noClocks, now: planned } = usePlan();
  const others = clocks.slice(1);
  if (others.length === 0) return null;
  return (
    <ul aria-label="Due later" className="py-1">
      {others.map((clock) => (
        <li key={`${clock.clock} ${clock.step} ${clock.due} ${clock.say}`} className="flex gap-3 py-0.5">
          <b className="w-14 shrink-0">{clockWords(clock.due, planned)}</b>
          <Measure>{clock.say}</Measure>
        </li>
      ))}
    </ul>
  );
}

const toneOf = (clock: PlanClock, now: number): string => {
  const left = (dueMs(clock) - now) / minuteMs;
  if (left <= 0) return "text-brick";
  return left <= soonMin && clock.clock !== "dry" ? "text-ochre" : "";
};

function leftWords(clock: PlanClock, now: number): string {
  const left = Math.ceil((dueMs(clock) - now) / minuteMs);
  return left <= 0 ? "Now." : `In ${formatDuration(left)}.`;
}

/** Each is heard once, when its moment comes while the page is looked at or comes back from sleep. */
function useSounding(clocks: readonly PlanClock[], now: number): void {
  const before = useRef(now);
  useEffect(() => {
    const from = before.current;
    before.current = now;
    for (const clock of clocks) if (from < dueMs(clock) && dueMs(clock) <= now) sound(clock.say);
  }, [clocks, now]);
}
