import { minutesADay } from "../measure/calendar";
import type { Happened, Progress } from "../journal/happened";
import { formatMoment, type Moment } from "../journal/moment";
import type { PlanNext, PlanStep, StepState } from "../plan/planDayTypes";
import type { Plan, PlanWall } from "../plan/planTypes";
import type { Act } from "../work/act";
import { keysOfStep, ownKeysAmong } from "../work/ownKeys";
import { forecastPaint } from "./forecast";
import type { Job } from "./schema";
import { speakFinding } from "./speakFinding";
import { speechOf } from "./speechOf";

/** A plan with how each step stands at a moment, and what each person does next. */
export function describeNow(plan: Plan, job: Job, happened: Happened, now: Moment, firstDay: number): Plan {
  const { work } = happened;
  const time = (now.day - firstDay) * minutesADay + now.minutes;
  const momentAt = (minutes: number) =>
    formatMoment(firstDay + Math.floor(minutes / minutesADay), minutes % minutesADay);
  const ownOf = ownKeysAmong(plan.steps);
  const told = new Map(
    plan.steps.map((step) => {
      const known = keysOfStep(step).filter(ownOf(step));
      return [step.id, stateOfWork(known.map((key) => work.get(key) ?? {}))] as const;
    }),
  );
  // Who has begun anything on a day is set up for it, told or not.
  const setUp = new Set(
    plan.steps.flatMap((step) =>
      told.get(step.id) && !isSetUp(step) ? peopleOf(step).map((person) => `${step.day} ${person}`) : [],
    ),
  );
  for (const step of plan.steps)
    if (isSetUp(step) && setUp.has(`${step.day} ${step.person}`)) told.set(step.id, "done");
  const steps = plan.steps.map((step): PlanStep => {
    const state = stateOf(step, told, time);
    switch (state) {
      case "done":
        return { ...step, state, since: momentAt(step.end) };
      case "running":
        return { ...step, state, since: momentAt(step.start) };
      case "ready":
        return {
          ...step,
          state,
          since: momentAt(
            Math.max(...step.waitsFor.map(({ until }) => until), isSetUp(step) ? step.start : 0),
          ),
        };
      case "waiting":
        return { ...step, state, until: momentAt(step.start) };
      default:
        return state satisfies never;
    }
  });
  const forecast = forecastPaint(plan, job, happened);
  return {
    ...plan,
    walls: plan.walls.map((wall) => withPaintedOtherwise(wall, plan, job, work)),
    now: formatMoment(now.day, now.minutes),
    steps,
    next: nextOf(steps, job.work.crew),
    ...(forecast.length > 0 && { forecast }),
  };
}

/** What leaves something on a wall that is seen. */
const paints: ReadonlySet<string> = new Set<Act>(["coat", "print", "base", "lay"]);

/** A wall on which something is done that its plan does not have any more. */
function withPaintedOtherwise(wall: PlanWall, plan: Plan, job: Job, work: Happened["work"]): PlanWall {
  const planned = new Set(plan.steps.flatMap(keysOfStep));
  const others = [...work].flatMap(([key, { finished }]) => {
    const [on, act, of, id] = key.split(" ");
    const isSeen = on === wall.id && paints.has(act!) && of !== "paint" && of !== "tool";
    return finished && isSeen && !planned.has(key) ? [id!] : [];
  });
  if (others.length === 0) return wall;
  const values = { wall: wall.id, pieces: new Set(others).size };
  const finding = { code: "painted-otherwise", severity: "check", at: null, values } as const;
  return { ...wall, findings: [...wall.findings, speakFinding(finding, speechOf(job))] };
}

const isSetUp = ({ does }: PlanStep): boolean => does.some(({ act }) => act === "set-up");
const peopleOf = ({ person, people }: PlanStep): readonly number[] => people ?? [person];

type ToldState = "done" | "running" | null;

/** Of what is told of its work alone; null where nothing is. */
function stateOfWork(known: readonly Progress[]): ToldState {
  if (known.every(({ finished, skipped }) => finished ?? skipped)) return "done";
  return known.some(({ began, finished }) => began ?? finished) ? "running" : null;
}

function stateOf(step: PlanStep, told: ReadonlyMap<string, ToldState>, now: number): StepState {
  const own = told.get(step.id);
  if (own) return own;
  const isDone = (id: string) => !told.has(id) || told.get(id) === "done";
  const isOver = step.waitsFor.every((wait) => isDone(wait.step) && wait.until <= now);
  return isOver && (step.waitsFor.length > 0 || step.start <= now) ? "ready" : "waiting";
}

/** What each one does next: what is under way, else what comes first. */
function nextOf(steps: readonly PlanStep[], crew: number): PlanNext[] {
  return Array.from({ length: crew }, (_, hand) => hand + 1).flatMap((person): PlanNext[] => {
    const own = steps.filter((step) => step.state !== "done" && peopleOf(step).includes(person));
    const running = own.find(({ state }) => state === "running");
    const [first] = own.toSorted((a, b) => a.start - b.start);
    const step = running ?? first;
    return step ? [{ person, step: step.id, why: whyNext(step) }] : [];
  });
}

function whyNext({ state, since, until, heldBy }: PlanStep): string {
  const clock = (moment: string | undefined) => moment?.slice(11) ?? "";
  if (state === "running") return `under way since ${clock(since)}`;
  if (state === "ready") return "can be begun";
  return heldBy === "wait"
    ? `waits until ${clock(until)}: what is before it dries`
    : `comes at ${clock(until)}`;
}
