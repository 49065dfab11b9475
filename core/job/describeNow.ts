import { minutesADay } from "../measure/calendar";
import type { Happened, Progress } from "../journal/happened";
import { formatMoment, type Moment } from "../journal/moment";
import type { PlanDrift, PlanNext, PlanStep, StepState } from "../plan/planDayTypes";
import type { Plan, PlanDecision } from "../plan/planTypes";
import { readKey } from "../work/keys";
import { keysOfStep, ownKeysAmong } from "../work/ownKeys";
import type { Finding } from "../findings/finding";
import type { PlanForecast } from "../plan/planMoneyTypes";
import { clocksOf } from "./clocks";
import { batchesTold } from "./batchesTold";
import { coveredAgain } from "./coveredAgain";
import { withLooksFrom } from "./describeBoards";
import { decisionsOf } from "./decisions";
import { driftsOf, withMarksTakenBack } from "./drift";
import { forecastPaint } from "./forecast";
import { gatesOf } from "./gates";
import { ownPaces } from "./ownPace";
import { withPaintedOtherwise } from "./paintedOtherwise";
import type { Job } from "./schema";
import { speakFinding } from "./speakFinding";
import { speechOf } from "./speechOf";
import { waitedFor } from "./waitedFor";

/** What happened: as the work to be done finds it, and as it was told. */
export interface Standing {
  readonly standing: Happened;
  readonly asTold: Happened;
}

/** A plan with how each step stands at a moment, and what each person does next. */
export function describeNow(
  plan: Plan,
  job: Job,
  { standing: happened, asTold }: Standing,
  now: Moment,
  firstDay: number,
): Plan {
  const work = withSetUps(happened.work, plan.steps);
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
  const beganAt = (step: PlanStep): string | null => {
    const told = keysOfStep(step)
      .filter(ownOf(step))
      .flatMap((key) => work.get(key)?.began?.at ?? []);
    const first = told.sort((a, b) => a.instant - b.instant)[0];
    return first ? formatMoment(first.day, first.minutes) : null;
  };
  const steps = plan.steps.map((step): PlanStep => {
    const state = stateOf(step, told, time);
    switch (state) {
      case "done":
        return { ...step, state, since: momentAt(step.end) };
      case "running":
        return {
          ...step,
          state,
          since: beganAt(step) ?? momentAt(step.start),
          ...laidDown(keysOfStep(step).map((key) => work.get(key) ?? {})),
        };
      case "ready":
        return {
          ...step,
          state,
          // What waits for nothing is ready when it may begin.
          since: momentAt(
            step.waitsFor.length > 0 ? Math.max(...step.waitsFor.map(({ until }) => until)) : step.start,
          ),
        };
      case "waiting":
        return { ...step, state, until: momentAt(step.start) };
      default:
        return state satisfies never;
    }
  });
  const forecast = forecastPaint(plan, job, happened);
  const drift = driftsOf(plan, job, happened);
  const batches = batchesTold(job, happened);
  const decisions = decisionsOf(job, happened, { steps, batches });
  const rates = ownPaces(plan, job, happened);
  const next = nextOf({ steps }, job, time, formatMoment(now.day, now.minutes));
  const gates = gatesOf(steps, job, happened);
  const clocks = clocksOf(steps, job, work, time, firstDay);
  return {
    ...plan,
    walls: withMarksTakenBack(withPaintedOtherwise(plan, job, work), drift, job),
    findings: [
      ...plan.findings,
      ...findingsNow(
        forecast,
        drift,
        [...coveredAgain(plan, job, asTold.work), ...decisions.flatMap(promisesBroken)],
        job,
      ),
    ],
    now: formatMoment(now.day, now.minutes),
    steps,
    next,
    ...(plan.boards && { boards: withLooksFrom(plan.boards, asTold, time, firstDay) }),
    ...(forecast.length > 0 && { forecast }),
    ...(drift.length > 0 && { drift }),
    ...(decisions.length > 0 && { decisions }),
    ...(batches.length > 0 && { batches }),
    ...(rates.length > 0 && { rates }),
    ...(clocks.length > 0 && { clocks }),
    ...(gates.length > 0 && { gates }),
  };
}

/**
 * Who set up when there was no time left for anything is set up on the next day: what was told of a day on which nothing is done any
 * more counts for the same hand's next one.
 */
function withSetUps(work: Happened["work"], steps: Plan["steps"]): Happened["work"] {
  const setUps = steps.filter(isSetUp).sort((a, b) => a.day - b.day);
  const planned = new Set(setUps.flatMap(keysOfStep));
  const all = new Map(work);
  for (const [key, progress] of work) {
    if (!key.includes("set-up")) continue;
    const { act, id } = readKey(key);
    const [, day, hand = 1] =
      (act === "set-up" && !planned.has(key) && /^day-(\d+)(?:\/(\d+))?$/.exec(id)) || [];
    const next = setUps.find((step) => step.day > Number(day) && step.person === Number(hand));
    const [later] = next ? keysOfStep(next) : [];
    if (later !== undefined && !work.has(later)) all.set(later, progress);
  }
  return all;
}

/** What was agreed and is planned otherwise by now. */
const promisesBroken = ({ changed = [] }: PlanDecision): Finding[] =>
  changed.map((values) => ({ code: "promise-broken", severity: "check", at: null, values }));

/** What has come out on the way and is to be decided. */
function findingsNow(
  forecast: readonly PlanForecast[],
  drift: readonly PlanDrift[],
  others: readonly Finding[],
  job: Job,
): Plan["findings"] {
  const speech = speechOf(job);
  const short = forecast.filter(({ verdict }) => verdict === "short");
  const seen = drift.filter(({ shows, settled }) => shows !== "won't show" && settled === undefined);
  return [
    ...others,
    ...short.map(({ paint, left_ml: leftMl, needs_ml: needsMl }): Finding => ({
      code: "runs-out",
      severity: "check",
      at: null,
      values: { paint, leftMl, needsMl },
    })),
    ...seen.map(({ shows, choices }): Finding => {
      const [leave] = choices;
      const mm = leave!.worst_mm;
      // The least work after which nothing shows.
      const { choice, over } = choices.find((one) => one.shows === "won't show") ?? leave!;
      return { code: "drifts", severity: "check", at: null, values: { mm, shows, choice, over } };
    }),
  ].map((finding) => speakFinding(finding, speech));
}

const isSetUp = ({ does }: PlanStep): boolean => does.some(({ act }) => act === "set-up");
const peopleOf = ({ person, people }: PlanStep): readonly number[] => people ?? [person];

/** When what is begun of some work and not done was laid down, where all of it is. */
function laidDown(known: readonly Progress[]): Pick<PlanStep, "laidDown"> {
  const open = known.filter(({ began, finished }) => began && !finished);
  const at = open.flatMap(({ paused }) => paused ?? []);
  if (open.length === 0 || at.length < open.length) return {};
  const last = at.reduce((a, b) => (b.at.instant > a.at.instant ? b : a));
  return { laidDown: formatMoment(last.at.day, last.at.minutes) };
}

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
function nextOf(plan: Pick<Plan, "steps">, job: Job, now: number, nowText: string): PlanNext[] {
  return Array.from({ length: job.work.crew }, (_, hand) => hand + 1).flatMap((person): PlanNext[] => {
    const own = plan.steps.filter((step) => step.state !== "done" && peopleOf(step).includes(person));
    const running = own.find(({ state }) => state === "running");
    const [first] = own.toSorted((a, b) => a.start - b.start);
    const step = running ?? first;
    if (!step) return [];
    const why = whyNext(step, waitedFor(job, plan, step, now), nowText);
    return [{ person, step: step.id, why: `${why}${forWhom(step, person, plan, job)}` }];
  });
}

/** Whose work a step that is not to be begun yet waits for, beside what dries. */
function forWhom(step: PlanStep, person: number, { steps }: Pick<Plan, "steps">, job: Job): string {
  if (step.state !== "waiting") return "";
  const open = step.waitsFor.flatMap(({ step: id }) => steps.find((one) => one.id === id) ?? []);
  const others = open.find((one) => one.state !== "done" && !peopleOf(one).includes(person));
  if (!others) return "";
  const wall = job.walls.find(({ id }) => id === others.wall);
  return `, when hand ${others.person} is done${wall ? ` on ${wall.name ?? wall.id}` : ""}`;
}

function whyNext(
  { state, since = "", until = "", laidDown: down }: PlanStep,
  waits: string | null,
  now: string,
): string {
  const dayOf = (moment: string) => moment.slice(0, 10);
  const clock = (moment: string) => moment.slice(11);
  const moment = (text: string) => `${dayOf(text) === dayOf(now) ? "" : `${dayOf(text)}, `}${clock(text)}`;
  if (state === "running")
    return down === undefined ? `under way since ${moment(since)}` : `laid down since ${moment(down)}`;
  if (state === "ready") return "can be begun";
  const isToday = dayOf(until) === dayOf(now);
  if (waits) return `waits until ${moment(until)}: ${waits}`;
  return isToday ? `comes at ${clock(until)}` : `comes on ${dayOf(until)} at ${clock(until)}`;
}
