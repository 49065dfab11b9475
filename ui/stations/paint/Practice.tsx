"use client";

import { format } from "date-fns";
import { Play, Square } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { createSimulatedPainter } from "@/devices/painter/simulatedPainter";
import type { WallHelper } from "@/devices/painter/wallHelper";
import { nowOfPlan } from "@/core/plan/nowOfPlan";
import { clockMs } from "@/ui/journal/journalState";
import { useJobState, useJobStore, useJournal, useJournalState, usePlanning } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { Section } from "@/ui/parts/Section";
import { midnightOf, nextWords, startOfPractice } from "./selfPainting";
import { useTicking } from "./useTicking";

const speeds = [1, 10, 60, 600] as const;
const skills = ["careful", "usual", "beginner"] as const;
type Skill = (typeof skills)[number];

/** Goes through the job against a quicker clock before the day, by oneself or by a simulated painter; nothing of it is kept. */
export function Practice() {
  const practice = useJournalState((state) => state.practice);
  const journal = useJournal();
  const store = useJobStore();
  const [skill, setSkill] = useState<Skill>("usual");
  const [isPainting, setPainting] = useState(false);
  const begin = (speed: number) =>
    journal.practise(startOfPractice(store.getState().plan, Date.now()), speed);
  useSelfPainting(isPainting && practice !== null, skill);
  const stop = () => {
    setPainting(false);
    journal.endPractice();
  };
  return (
    <Section name="paint/practice" title="Practise" isFolded>
      <p className="pb-2 text-[0.9375rem] text-soft">
        {practice
          ? "The clock is quicker than yours, and nothing of this is kept."
          : "Go through the job against a quicker clock before the day, or look on while it is painted. Nothing of it is kept."}
      </p>
      <div className="flex flex-col gap-2">
        <Choice
          label="Clock"
          options={speeds.map((speed) => ({
            speed,
            label: speed === 1 ? "as it is" : `${speed} times as fast`,
            selected: speed === (practice?.speed ?? 60),
          }))}
          onChoose={({ speed }) => (practice ? journal.practise(clockMs({ practice }), speed) : begin(speed))}
        />
        {!isPainting && (
          <Choice
            label="Simulated painter"
            options={skills.map((own) => ({ own, label: own, selected: own === skill }))}
            onChoose={({ own }) => setSkill(own)}
          />
        )}
        <div className="flex flex-wrap gap-2">
          {!practice && (
            <Button className="min-h-12" onClick={() => begin(60)}>
              Practise
            </Button>
          )}
          {!isPainting && (
            <Button
              className="min-h-12"
              onClick={() => {
                if (!practice) begin(60);
                setPainting(true);
              }}
            >
              <Play size={17} aria-hidden /> Let it paint itself
            </Button>
          )}
          {practice && (
            <Button className="min-h-12" onClick={stop}>
              <Square size={15} aria-hidden /> End it
            </Button>
          )}
        </div>
      </div>
    </Section>
  );
}

/** That one practises stands over everything, with its clock. */
export function PracticeBar() {
  const practice = useJournalState((state) => state.practice);
  const journal = useJournal();
  const { again } = usePlanning();
  useTicking();
  useEffect(() => {
    if (!practice) return;
    const timer = setInterval(again, Math.max(leastAgainMs, minuteMs / practice.speed));
    return () => clearInterval(timer);
  }, [practice, again]);
  // Whoever leaves the page leaves the practice.
  useEffect(() => () => journal.endPractice(), [journal]);
  if (!practice) return null;
  return (
    <p role="status" className="rounded-md bg-ochre-wash px-3 py-1 text-[0.9375rem] font-semibold">
      {`Practice: ${format(clockMs({ practice }), "EEE d MMM, HH:mm")}. Nothing of it is kept.`}
    </p>
  );
}

const minuteMs = 60_000;
const leastAgainMs = 3000;
/** Times are of whole minutes: a word belongs to the plan of its own. */
const slackMin = 1;

/** A simulated painter tells what comes next whenever a plan is there that knows of all that was told before. */
function useSelfPainting(isOn: boolean, skill: Skill): void {
  const journal = useJournal();
  const plan = useJobState((state) => state.plan);
  const jobId = useJobState((state) => state.jobId);
  const helper = useRef<WallHelper | null>(null);
  const toldAt = useRef<number | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  useEffect(() => {
    if (!isOn) return;
    helper.current = createSimulatedPainter({ seed: jobId, skill });
    toldAt.current = null;
    return () => {
      if (timer.current) clearTimeout(timer.current);
      timer.current = null;
    };
  }, [isOn, skill, jobId]);
  useEffect(() => {
    if (!isOn || !helper.current || timer.current) return;
    const nowMs = clockMs(journal.store.getState());
    const planned = nowOfPlan(plan);
    const midnight = midnightOf(plan, nowMs);
    const isKnown =
      toldAt.current === null ||
      (planned !== null && midnight + (planned + slackMin) * minuteMs >= toldAt.current);
    if (!isKnown) return;
    const words = nextWords(helper.current, plan, Math.max(nowMs, toldAt.current ?? 0));
    if (!words) return;
    const { practice } = journal.store.getState();
    const waitMs = Math.max(0, words.at - nowMs) / (practice?.speed ?? 1);
    timer.current = setTimeout(() => {
      timer.current = null;
      toldAt.current = words.at;
      journal.tell(words.tellings);
    }, waitMs);
  }, [isOn, plan, journal]);
}
