import { capital } from "@/core/findings/capital";
import type { Entry } from "@/core/journal/entry";
import { speechOf, type Spoken } from "@/core/job/speechOf";
import { kindOf } from "@/core/journal/kinds";
import { looked, verdicts } from "@/core/journal/kinds/looked";
import type { WorkItem } from "@/core/journal/limits";
import type { Plan } from "@/core/plan/planTypes";
import { keysOf } from "@/core/work/keys";
import { keysOfStep } from "@/core/work/ownKeys";

const ofWork: Readonly<Record<string, string>> = {
  began: "Begun",
  paused: "Left for now",
  finished: "Done",
  skipped: "Left out",
  again: "To be done again",
};

/** Says entries of a job's journal; work that the plan still has, in the words of its step. */
export function entrySayer(job: Spoken, { steps }: Pick<Plan, "steps">): (entry: Entry) => string {
  const speech = speechOf(job);
  const stepOf = new Map<string, string>();
  for (const step of steps)
    for (const key of keysOfStep(step)) if (!stepOf.has(key)) stepOf.set(key, step.say);
  return ({ kind, payload, isKnown }) => {
    if (kind === "withdrawn") return "Something was taken back.";
    const known = isKnown ? kindOf(kind) : null;
    if (!known) return `Something of a newer kind (${kind}).`;
    const words = kind === looked.kind ? `Looked, ${verdicts[(payload as Looked).verdict]}` : ofWork[kind];
    const say = words && stepOf.get(firstKey((payload as { readonly work: readonly WorkItem[] }).work));
    return capital(say ? `${words}: ${say}` : known.say(payload as never, speech));
  };
}

type Looked = { readonly verdict: keyof typeof verdicts };

const firstKey = (work: readonly WorkItem[]): string => keysOf(work)[0] ?? "";
