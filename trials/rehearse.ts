import { emitPlan } from "@/core/job/emitPlan";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Job } from "@/core/job/schema";
import type { Plan } from "@/core/plan/planTypes";
import type { Fault } from "@/core/rehearse/fault";
import { rehearse } from "@/core/rehearse/rehearse";
import { Bed } from "@/core/rehearse/tests/planting";
import { plantings } from "@/core/rehearse/tests/plantings";
import { sensibleDocument } from "./sensible";
import { randomOf, type Outcome } from "./support";

/** Of those that do harm so many at least are found; of a kind that was planted less often than that one miss says nothing. */
const leastShare = 0.99;
const enoughOfAKind = 100;

interface Count {
  planted: number;
  found: number;
  missed: number[];
}

const keyOf = ({ code, step, wall, at, say }: Fault): string => [code, step, wall, at, say].join(" ");

const named = (what: string, counts: Readonly<Record<string, number>>) =>
  Object.fromEntries(Object.entries(counts).map(([code, count]) => [`${what}${code}`, count]));

/** A random job's plan as it is printed; null where nothing is planned. */
function printed(seed: number): { job: Job; text: string } | null {
  const parsed = parseJob(sensibleDocument(randomOf(seed)));
  if (!parsed.ok) return null;
  const whole = plan(parsed.job);
  return whole.steps.length === 0 ? null : { job: parsed.job, text: emitPlan(whole) };
}

/**
 * Carries out random plans to the letter, as they are and with a fault planted in each of `kinds` ways: counts the faults of
 * the plans themselves by code, and how many of the planted ones are found.
 */
export async function tryRehearsals(count: number, seed: number, kinds = 4): Promise<Outcome> {
  const random = randomOf(seed * 7919);
  const counts = new Map<string, Count>(
    plantings.map(({ name }) => [name, { planted: 0, found: 0, missed: [] }]),
  );
  const own: Record<string, number> = {};
  const told: Record<string, number> = {};
  let [plans, clean] = [0, 0];
  for (let number = 0; plans < count; number++) {
    const made = printed(seed * 1_000_003 + number);
    if (!made) continue;
    plans++;
    const before = rehearse(made.job, JSON.parse(made.text) as Plan).faults;
    if (before.every((fault) => fault.told)) clean++;
    for (const fault of before) {
      const by = fault.told ? told : own;
      by[fault.code] = (by[fault.code] ?? 0) + 1;
    }
    const known = new Set(before.map(keyOf));
    // Every kind in its turn, a few a plan.
    for (let kind = 0; kind < kinds; kind++) {
      const planting = plantings[(plans * kinds + kind) % plantings.length]!;
      const spoiled = JSON.parse(made.text) as Plan;
      if (!planting.plant(new Bed(made.job, spoiled, random))) continue;
      const tally = counts.get(planting.name)!;
      tally.planted++;
      const after = rehearse(made.job, spoiled).faults;
      if (after.some((fault) => planting.codes.includes(fault.code) && !known.has(keyOf(fault))))
        tally.found++;
      else tally.missed.push(seed * 1_000_003 + number);
    }
  }
  const tallies = [...counts];
  const sumOf = (of: (count: Count) => number) => tallies.reduce((sum, [, count]) => sum + of(count), 0);
  const mayBeMissed = Math.ceil((1 - leastShare) * sumOf(({ planted }) => planted));
  const areTooMany = sumOf(({ missed }) => missed.length) > mayBeMissed;
  const missed = tallies.filter(([, { planted, found }]) =>
    planted >= enoughOfAKind ? found < leastShare * planted : areTooMany && found < planted,
  );
  return {
    trial: "rehearse",
    counts: {
      plans,
      clean,
      ...named("a plan's own: ", own),
      ...named("told by the plan: ", told),
      ...Object.fromEntries(
        [...counts].flatMap(([name, { planted, found }]) => [
          [`planted: ${name}`, planted],
          [`found: ${name}`, found],
        ]),
      ),
    },
    faults: missed.map(
      ([name, { planted, found, missed }]) =>
        `${name}: ${found} of ${planted} found, not in ${missed.slice(0, 5).join()}`,
    ),
  };
}
