import type { Job } from "../job/schema";
import type { Plan } from "../plan/planTypes";
import type { Fault, Rehearsal } from "./fault";
import { History } from "./history";
import { rehearseBorders } from "./rules/borders";
import { rehearseColours } from "./rules/colours";
import { rehearseGrounds } from "./rules/grounds";
import { rehearseGuards } from "./rules/guards";
import { rehearseHands } from "./rules/hands";
import { rehearseJoins } from "./rules/joins";
import { rehearseMarks } from "./rules/marks";
import { rehearseNeeds } from "./rules/needs";
import { rehearseSheets } from "./rules/sheets";
import { rehearseTape } from "./rules/tapes";
import { rehearseWaits } from "./rules/waits";
import { withTold } from "./told";

const rules = [
  rehearseWaits,
  rehearseTape,
  rehearseBorders,
  rehearseGuards,
  rehearseMarks,
  rehearseSheets,
  rehearseJoins,
  rehearseGrounds,
  rehearseNeeds,
  rehearseHands,
] as const;

/** Told how much of the rehearsal is over, 0 to 1. */
export type Progress = (share: number) => void;

/**
 * A plan carried out to the letter by the most literal helper there is: what goes wrong, where and when. It reads the document
 * and the printed plan, and nothing of what made the plan. Faults of one kind in one step are told up to a number; of a job that is
 * under way those of what is yet to be done.
 */
export function rehearse(job: Job, plan: Plan, progress?: Progress): Rehearsal {
  const history = new History(job, plan);
  const colours = rehearseColours(history);
  const found: Fault[] = plan.steps.length === 0 ? [] : [...colours.faults];
  if (plan.steps.length > 0)
    rules.forEach((rule, place) => {
      found.push(...rule(history));
      progress?.((place + 1) / rules.length);
    });
  const faults = withTold(listed(toCome(found, plan)), plan, job).sort((a, b) => a.minute - b.minute);
  return {
    format: "jacaranda-rehearsal/1",
    faults,
    walls: plan.walls.map(({ id, regions }) => ({
      id,
      asDesigned: shareAsDesigned(regions, colours.wrong.get(id) ?? new Set()),
    })),
  };
}

function shareAsDesigned(
  regions: readonly { readonly id: string; readonly area_m2: number }[],
  wrong: ReadonlySet<string>,
): number {
  const area = (own: typeof regions) => own.reduce((sum, { area_m2 }) => sum + area_m2, 0);
  const whole = area(regions);
  return whole === 0 ? 1 : 1 - area(regions.filter(({ id }) => wrong.has(id))) / whole;
}

/** What is done nobody carries out any more, and when it was done may have been told all at once. */
function toCome(faults: readonly Fault[], { steps }: Plan): Fault[] {
  const done = new Set(steps.filter(({ state }) => state === "done").map(({ id }) => id));
  return faults.filter(({ step }) => step === null || !done.has(step));
}

/** So many faults of one kind are told of one step; more say the same. */
const mostAlike = 100;

function listed(faults: readonly Fault[]): Fault[] {
  const counts = new Map<string, number>();
  return faults.filter(({ code, step, wall }) => {
    const key = `${code} ${step} ${wall}`;
    const count = (counts.get(key) ?? 0) + 1;
    counts.set(key, count);
    return count <= mostAlike;
  });
}
