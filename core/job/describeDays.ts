import { groupBy } from "../geometry/groupBy";
import type { Speech } from "../findings/speech";
import { clockOf, dayNumberOf, isoDateOf, dayOf, minutesADay } from "../measure/calendar";
import type { Did } from "../work/act";
import { eveningBefore } from "../work/eveningBefore";
import { dayStep, partStep } from "../work/keys";
import type { Step } from "../work/step";
import type { Schedule } from "../sequence/schedule";
import type { ScheduledStep } from "../sequence/scheduledStep";
import { weekdayOfJob, workHoursOf } from "../sequence/workHours";
import type { WorkInput } from "../work/workInput";
import { idsOf } from "../work/act";
import type { JobWork } from "./contribute";
import { describeRhythm } from "./describeRhythm";
import { loadOf, type Loads } from "./loadsInTurn";
import { curedDays, washableDays } from "../trade/constants";
import type { Plan } from "../plan/planTypes";
import type { PlanDate, PlanDay, PlanDid, PlanStep, PlanWork } from "../plan/planDayTypes";

/** A schedule in words, dates and times of day. */
export function describeDays(
  plan: Schedule,
  { site, access }: Pick<JobWork, "site" | "access">,
  loads: Loads,
  speech: Speech,
): Pick<Plan, "steps" | "days"> & { work: PlanWork } {
  const critical = new Set(plan.critical);
  // Steps are in the order of their starts, and so are their days.
  const days = [...groupBy(plan.steps, ({ start }) => dayOf(start))].map(([day, own]) => {
    const steps = [
      ...frameSteps("set-up", day, own, site),
      ...own.map((step) => ({
        ...describeOne(step, plan.factor, critical, loads, speech),
        ...describeRhythm(step.step, site),
      })),
      ...frameSteps("close", day, own, site),
    ].sort((a, b) => a.start - b.start);
    return { steps, described: describeDay(day, steps, own, site, speech) };
  });
  const last = plan.end - 1;
  const { crew, temperature, humidity } = site.work;
  return {
    work: {
      crew,
      temperature,
      humidity,
      factor: plan.factor,
      end: plan.end,
      ...waitingOf(plan, site),
      lastDate: dateOf(dayOf(last), site).date,
      soonestEnd: plan.soonest,
      critical: [...plan.critical],
      access: access.map((own) => ({ ...own })),
      care: describeCare(plan, site),
    },
    steps: days.flatMap(({ steps }) => steps),
    days: days.map(({ described }) => described),
  };
}

/** Days, hands' minutes and the wait on the way to the end, of a school's schedule. */
export function waitingOf(
  plan: Schedule,
  { work }: WorkInput,
): { days: number; lastDay: number; minutes: number; waiting_min: number } {
  const days = new Set(plan.steps.map(({ start }) => dayOf(start)));
  const handDays = new Set(
    plan.steps.flatMap(({ start, hands }) => hands.map((hand) => `${dayOf(start)} ${hand}`)),
  );
  const byId = new Map(plan.steps.map((step) => [step.step.id, step]));
  const waits = plan.critical.map((id) => {
    const step = byId.get(id)!;
    const before = step.heldFrom === null ? undefined : byId.get(step.heldFrom);
    const isWait = step.step.after.some((wait) => wait.step === step.heldFrom && wait.what !== "after");
    return before && isWait ? step.start - before.end : 0;
  });
  const frame = Math.ceil(work.rates.settingUp_min) + Math.ceil(work.rates.closing_min);
  return {
    days: days.size,
    lastDay: dayOf(plan.end - 1) + 1,
    minutes:
      plan.steps.reduce((sum, { step, hands }) => sum + step.minutes * hands.length, 0) +
      handDays.size * frame,
    waiting_min: waits.reduce((sum, minutes) => sum + minutes, 0),
  };
}

function describeOne(
  { step, start, end, times, hand, hands, heldBy, heldFrom, released }: ScheduledStep,
  factor: number,
  critical: ReadonlySet<string>,
  loads: Loads,
  speech: Speech,
): PlanStep {
  const { id, verb, wall, round, coat, colour, minutes, after, stretches, unbroken, gate, does } = step;
  return {
    id,
    kind: verb,
    ...(wall !== undefined && { wall }),
    ...(round !== undefined && { round }),
    ...(coat !== undefined && { coat }),
    ...(colour !== undefined && { colour }),
    say: describeStep(withLoads(step, loads), speech),
    cautions: step.cautions.map((caution) => speech.say(caution)),
    minutes,
    person: hand + 1,
    ...(hands.length > 1 && { people: hands.map((each) => each + 1).sort((a, b) => a - b) }),
    ...(unbroken && { unbroken }),
    ...(gate && { gate }),
    ...clockTimes(start, end),
    waitsFor: after.map(({ step: before, what, minutes: least }, index) => ({
      step: before,
      what,
      minutes: what === "looks" ? least : Math.ceil(least * factor - 1e-9),
      until: released[index]!,
    })),
    heldBy,
    ...(heldFrom !== null && { heldFrom }),
    isCritical: critical.has(id),
    does: does.map((one) => describeWork(one, wall)),
    ...(stretches && {
      stretches: stretches.map((stretch, index) => ({
        minutes: stretch.minutes,
        start: times?.[index]?.[0] ?? start,
        ids: stretch.ids.map(([from, to]): [number, number] => [from, to]),
      })),
    }),
  };
}

function describeWork(
  { act, wall, of, ids, pass, coat, with: what, pastMm, ml, tools, heightMm }: Did,
  ofStep: string | undefined,
): PlanDid {
  const on = wall ?? ofStep;
  return {
    act,
    ...(on !== undefined && { wall: on }),
    of,
    ids: [...ids],
    ...(pass !== undefined && { pass }),
    ...(coat !== undefined && { coat }),
    ...(what !== undefined && { with: what }),
    ...(pastMm !== undefined && { past_mm: pastMm }),
    ...(ml !== undefined && { ml }),
    ...(tools !== undefined && tools.length > 0 && { tools: [...tools] }),
    ...(heightMm !== undefined && heightMm > 0 && { height_mm: heightMm }),
  };
}

/** How often its tool is loaded is told of what it prints itself. */
function withLoads(step: Step, loads: Loads): Step {
  const own = new Set(idsOf(step, "print").flatMap((id) => loadOf(loads, step.wall, id) ?? []));
  if (own.size === 0) return step;
  return { ...step, say: { ...step.say, values: { ...step.say.values, loads: own.size } } };
}

function describeStep({ say, part }: Step, speech: Speech): string {
  const sentence = speech.say(say);
  return part && part.of > 1 ? `${sentence} Part ${part.number} of ${part.of}.` : sentence;
}

function clockTimes(start: number, end: number) {
  const day = dayOf(start);
  return {
    day: day + 1,
    from: clockOf(start - day * minutesADay),
    to: clockOf(end - day * minutesADay),
    start,
    end,
  };
}

/** Setting up before the first step of each one's day, and closing after the last. */
function frameSteps(
  kind: "set-up" | "close",
  day: number,
  own: readonly ScheduledStep[],
  { work }: WorkInput,
): PlanStep[] {
  const minutes = Math.ceil(kind === "set-up" ? work.rates.settingUp_min : work.rates.closing_min);
  if (minutes === 0) return [];
  return [...new Set(own.flatMap(({ hands }) => hands))]
    .sort((a, b) => a - b)
    .map((hand): PlanStep => {
      const mine = own.filter(({ hands }) => hands.includes(hand));
      const at =
        kind === "set-up"
          ? Math.max(day * minutesADay, Math.min(...mine.map(({ start }) => start)) - minutes)
          : // What was told on another day, with no word of when it was laid down, was so when the day ended.
            Math.max(...mine.map(({ end }) => (dayOf(end - 1) === day ? end : day * minutesADay + work.to)));
      return {
        id: dayStep(day + 1, kind, hand),
        kind,
        does: [{ act: kind, of: "room", ids: [partStep(`day-${day + 1}`, hand + 1)] }],
        say:
          kind === "set-up"
            ? "Set up: lamp, tools, paint boxed and stirred, the day's steps read through."
            : "Close the day: tools washed or wrapped, lids on and labelled, waste bagged and kept from drains, floor swept.",
        cautions: [],
        minutes,
        person: hand + 1,
        ...clockTimes(at, at + minutes),
        waitsFor: [],
        heldBy: "hands",
        isCritical: false,
      };
    });
}

function describeDay(
  day: number,
  steps: readonly PlanStep[],
  worked: readonly ScheduledStep[],
  site: WorkInput,
  speech: Speech,
): PlanDay {
  const at = (time: number) => clockOf(time - day * minutesADay);
  return {
    ...dateOf(day, site),
    weekday: weekdayOfJob(site.work, day),
    from: at(Math.min(...steps.map(({ start }) => start))),
    to: at(Math.max(...steps.map(({ end }) => end))),
    steps: steps.map(({ id }) => id),
    ...pauseOf(day, worked, site),
    evening: eveningBefore(
      worked.map(({ step }) => step),
      site.paints,
      speech,
    ),
  };
}

/** The break, where someone works both before and after it. */
function pauseOf(day: number, worked: readonly ScheduledStep[], { work }: WorkInput): Pick<PlanDay, "pause"> {
  const { pause } = workHoursOf(work);
  const midnight = day * minutesADay;
  const isOver =
    pause !== null &&
    worked.some(({ start }) => start < midnight + pause.from) &&
    worked.some(({ end }) => end > midnight + pause.to);
  return isOver ? { pause: { from: clockOf(pause.from), to: clockOf(pause.to) } } : {};
}

function dateOf(day: number, { work }: WorkInput): PlanDate {
  const date = work.start === undefined ? null : isoDateOf(dayNumberOf(work.start)! + day);
  return { day: day + 1, date };
}

/** From each painted wall's last coat on, as long as this air makes it. */
function describeCare(plan: Schedule, site: WorkInput): PlanWork["care"] {
  return site.walls.flatMap(({ wall }) => {
    const coats = plan.steps.filter(
      ({ step }) => step.wall === wall.id && (step.phase === "colour" || step.phase === "ground"),
    );
    if (coats.length === 0) return [];
    const last = Math.max(...coats.map(({ end }) => end));
    const after = (days: number) => dateOf(dayOf(last + Math.ceil(days * plan.factor) * minutesADay), site);
    return [{ wall: wall.id, washable: after(washableDays), cured: after(curedDays) }];
  });
}
