import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { planFromNow } from "@/core/job/planFromNow";
import type { Job } from "@/core/job/schema";
import type { Entry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { entryOf } from "@/core/journal/tests/entries";
import { formatMoment, parseMoment } from "@/core/journal/moment";
import { dayNumberOf, minutesADay } from "@/core/measure/calendar";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { workToTell } from "@/core/plan/workOfStep";
import type { Plan } from "@/core/plan/planTypes";
import type { Fault } from "@/core/rehearse/fault";
import { rehearse } from "@/core/rehearse/rehearse";
import { sensibleDocument } from "./sensible";
import { randomOf, type Outcome } from "./support";

const monday = "2027-01-11";

/** The journal of a plan that was carried out until a moment, each step so many minutes late. */
export function journalOf(whole: Plan, first: number, until: number, late = 0): Entry[] {
  const inTurn = [...whole.steps].sort((a, b) => a.start - b.start || a.person - b.person);
  return inTurn.flatMap((step, place) =>
    (["began", "finished"] as const).flatMap((kind, end): Entry[] => {
      const at = (kind === "began" ? step.start : step.end) + late;
      return at <= until ? [entryOfStep(step, kind, momentOf(first, at), 2 * place + end)] : [];
    }),
  );
}

const momentOf = (first: number, time: number): string =>
  formatMoment(first + Math.floor(time / minutesADay), time % minutesADay);

const entryOfStep = (step: PlanStep, kind: string, at: string, number: number): Entry =>
  entryOf(number, at, kind, { work: workToTell(step) }, `Person ${step.person}`);

const told = ({ id, start, end, people, person, does }: PlanStep): string =>
  JSON.stringify([id, start, end, people ?? [person], does.map(({ ids }) => ids)]);

/** At which shares of its time a job is planned again. */
const allShares: readonly number[] = [0.08, 0.3, 0.55, 0.8, 0.97];

/** A job at several moments on which all went to plan, and once late: what is wrong with its plan from then on. */
export function faultsFromNow(given: Job, name: string, shares = allShares): string[] {
  const job = { ...given, work: { ...given.work, start: given.work.start ?? monday } };
  const whole = plan(job);
  if (!whole.work) return [];
  const first = dayNumberOf(job.work.start)!;
  const begin = whole.steps[0]!.start;
  return shares.flatMap((share) => {
    const now = Math.round(begin + share * (whole.work!.end - begin));
    const at = momentOf(first, now);
    const say = (fault: string) => `${name} at ${at}: ${fault}`;
    const from = (late: number, more: Partial<Job["work"]> = {}) =>
      planFromNow(
        { ...job, work: { ...job.work, ...more } },
        fold(journalOf(whole, first, now, late)),
        parseMoment(at)!,
      );
    const toPlan = from(0);
    const kept = new Set(toPlan.steps.map(told));
    const late = from(47);
    const { temperature, crew } = job.work;
    return [
      ...whole.steps
        .filter((step) => !kept.has(told(step)))
        .slice(0, 1)
        .map((step) => say(`${step.id} has moved`)),
      ...(JSON.stringify([whole.paint, whole.tapeTotals]) ===
      JSON.stringify([toPlan.paint, toPlan.tapeTotals])
        ? []
        : [say("paint or tape have changed")]),
      ...standingFaults(toPlan, now).map(say),
      ...standingFaults(late, now).map((fault) => say(`late, ${fault}`)),
      ...(temperature < 25 && lastDay(from(47, { temperature: temperature + 5 })) > lastDay(late)
        ? [say("warmer it ends on a later day")]
        : []),
      ...(crew < 4 && lastDay(from(47, { crew: crew + 1 })) > lastDay(late)
        ? [say("with one hand more it ends on a later day")]
        : []),
    ];
  });
}

/**
 * A job of which all is done, and then a piece is to be painted again: what the plan of that does wrong when it is carried out to
 * the letter, beside what the plan did before.
 */
export function faultsOfRedoing(given: Job, name: string, random: () => number): string[] {
  const job = { ...given, work: { ...given.work, start: given.work.start ?? monday } };
  const whole = plan(job);
  if (!whole.work) return [];
  const pieces = whole.steps.flatMap((step) =>
    step.does.flatMap(({ act, of, ids, coat }) =>
      (act === "coat" || act === "print") && of !== "paint"
        ? ids.map((id) => ({ step, act, of, id, coat }))
        : [],
    ),
  );
  // What lies over all of a wall has to be done again over a piece of it, too: there that alone is chosen.
  const isOver = pieces.some(({ of }) => of !== "region");
  const mayBe = pieces.filter(({ of }) => !isOver || of !== "region");
  if (mayBe.length === 0) return [];
  const chosen = mayBe[Math.floor(random() * mayBe.length)]!;
  const first = dayNumberOf(job.work.start)!;
  const now = whole.work.end + 60;
  const again = mayBe
    // A section that is laid alone beside dry ones shows: those of its coats are laid again together.
    .filter(
      ({ id, of, step }) =>
        (of === "section" ? of === chosen.of : id === chosen.id) && step.wall === chosen.step.wall,
    )
    .map(({ step, act, of, id, coat }) => ({ wall: step.wall, act, of, ids: [id], ...(coat && { coat }) }));
  const told = entryOf(1e6, momentOf(first, now - 1), "again", { work: again });
  const redone = planFromNow(
    job,
    fold([...journalOf(whole, first, now), told]),
    parseMoment(momentOf(first, now))!,
  );
  const faultOf = ({ code, wall, step }: Fault) => `${code} in ${step} on ${wall}`;
  const before = new Set(rehearse(job, whole).faults.map(faultOf));
  return [
    ...(redone.steps.some(
      ({ does, state }) =>
        state !== "done" && does.some(({ pass = 1, act }) => act === chosen.act && pass > 1),
    )
      ? []
      : ["it is not painted again"]),
    ...rehearse(job, redone)
      .faults.filter((fault) => !fault.told && !before.has(faultOf(fault)))
      .map((fault) => `${faultOf(fault)}: ${fault.say}`),
  ].map((fault) => `${name}, ${chosen.id} again: ${fault}`);
}

const lastDay = (whole: Plan): number => whole.work?.lastDay ?? 0;

/** Nothing undone begins before now or before its waits are over, and nothing is offered while one runs. */
function standingFaults({ steps }: Plan, now: number): string[] {
  return steps.flatMap((step) => {
    const { id, state, start, waitsFor, kind } = step;
    const isFrame = kind === "set-up" || kind === "close";
    if (state === "done" || state === "running" || isFrame) return [];
    return [
      ...(start < now ? [`${id} begins in the past`] : []),
      ...waitsFor.filter(({ until }) => until > start).map((wait) => `${id} does not wait for ${wait.step}`),
      ...(state === "ready" && waitsFor.some(({ until }) => until > now)
        ? [`${id} is offered too soon`]
        : []),
    ];
  });
}

/** Random jobs planned again from moments of theirs. */
export async function tryFromNow(count: number, seed: number, shares = allShares): Promise<Outcome> {
  const faults: string[] = [];
  let planned = 0;
  for (let index = 0; index < count; index++) {
    const parsed = parseJob(sensibleDocument(randomOf(seed + index)));
    if (!parsed.ok) continue;
    planned++;
    faults.push(...faultsFromNow(parsed.job, `seed ${seed + index}`, shares));
    faults.push(...faultsOfRedoing(parsed.job, `seed ${seed + index}`, randomOf(seed + index)));
  }
  return { trial: "from now", counts: { planned }, faults };
}
