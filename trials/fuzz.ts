import { emitPlan } from "@/core/job/emitPlan";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Plan, PlanFinding } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { faultsOfKeys } from "@/core/job/tests/faultsOfKeys";
import { faultsOfAreas, faultsOfPlaces, faultsOfTape } from "@/core/job/tests/faultsOfPlan";
import { changeDocument, type JobDocument } from "@/ui/job/jobDocument";
import { everyKind, randomDocument, type RandomDocument } from "./documents";
import { boundsOf, numbersOfSchema, setNumber } from "./numbers";
import { randomOf, type Outcome } from "./support";

/** No plan may take more of a processor than this, in ms; the widest of a wall in 2,700 stripes beside all other finishes takes 2.5 s on a quiet one. */
const mostCpuMs = 6000;

/**
 * Plans random documents, and then a job of every kind with each number of the schema at each of its bounds, and looks for
 * what must never be: a throw, seconds of work, areas that do not add up, what lies off its wall, wet paint taped, a button
 * that does not cure. Of the bounds one in `every` is tried.
 */
export async function tryDocuments(count: number, seed: number, every = 1): Promise<Outcome> {
  const faults: string[] = [];
  const counts = { documents: 0, refused: 0, planned: 0, cures: 0, slow: 0, faults: 0 };
  const attempt = (name: string, document: RandomDocument, cure: (() => void) | null) => {
    counts.documents++;
    const parsed = parseJob(document);
    if (!parsed.ok) {
      counts.refused++;
      return;
    }
    counts.planned++;
    const { found, isSlow } = tryDocument(document, parsed.job, cure);
    if (isSlow) counts.slow++;
    counts.faults += found.length;
    if (found.length > 0) faults.push(`${name}: ${found.join("; ")}`);
  };
  for (let number = 0; number < count; number++)
    attempt(`${seed}/${number}`, randomDocument(randomOf(seed * 1_000_003 + number)), () => counts.cures++);
  numbersOfSchema()
    .flatMap((number) => boundsOf(number).map((bound) => ({ number, bound })))
    .filter((_, index) => index % every === seed % every)
    .forEach(({ number, bound }) =>
      attempt(`${number.name} = ${bound}`, setNumber(everyKind(), number, bound), null),
    );
  return { trial: "fuzz", counts, faults };
}

export function tryDocument(document: RandomDocument, job: Job, cure: (() => void) | null) {
  const before = process.cpuUsage();
  const answer = planned(job);
  const { user, system } = process.cpuUsage(before);
  const cpuMs = (user + system) / 1000;
  const isSlow = cpuMs > mostCpuMs;
  const slow = isSlow ? [`takes ${Math.round(cpuMs)} ms of a processor`] : [];
  const found =
    typeof answer === "string"
      ? [answer]
      : [...slow, ...faultsOfPlan(document, job, answer, isSlow ? null : cure)];
  return { found, isSlow };
}

/** What is wrong with the plan of a document that was let in; empty as it should be. */
export function faultsOfDocument(document: RandomDocument, job: Job): string[] {
  const answer = planned(job);
  return typeof answer === "string" ? [answer] : faultsOfPlan(document, job, answer, () => undefined);
}

/** The plan as it is written, or how it failed. */
function planned(job: Job): Plan | string {
  try {
    return JSON.parse(emitPlan(plan(job))) as Plan;
  } catch (error) {
    return `throws ${String(error).slice(0, 120)} ${(error as Error).stack?.split("\n")[1]?.trim() ?? ""}`;
  }
}

/** Cures are tried by planning again; null where that would take too long. */
const faultsOfPlan = (
  document: RandomDocument,
  job: Job,
  whole: Plan,
  cure: (() => void) | null,
): string[] => [
  ...faultsOfAreas(whole),
  ...faultsOfPlaces(whole),
  ...faultsOfTape(job, whole),
  ...faultsOfKeys(job, whole),
  ...(cure ? faultsOfCures(document, whole, cure) : []),
];

/** Every offered change makes a document that is let in and has the finding no more. */
export function faultsOfCures(
  document: RandomDocument,
  whole: Plan,
  cure: () => void = () => undefined,
): string[] {
  const places = [
    ...whole.walls.map(({ id, findings }) => ({ id, findings })),
    { id: "", findings: whole.findings },
  ];
  return places.flatMap(({ id, findings }) =>
    findings.flatMap((finding) => {
      if (!finding.change) return [];
      cure();
      const changed = changeDocument(document as unknown as JobDocument, finding.change);
      const parsed = parseJob(changed);
      const name = `${finding.code} "${finding.change.label}"`;
      if (!parsed.ok)
        return [`${name} is refused: ${parsed.problems[0]!.path}: ${parsed.problems[0]!.message}`];
      const after = plan(parsed.job);
      const left = id === "" ? after.findings : (after.walls.find((wall) => wall.id === id)?.findings ?? []);
      return countSame(left, finding) >= countSame(findings, finding) ? [`${name} leaves the finding`] : [];
    }),
  );
}

/** How many findings say the same of the same place as gravely; several finishes may. */
const countSame = (findings: readonly PlanFinding[], { code, severity, say, at }: PlanFinding): number =>
  findings.filter(
    (other) =>
      other.code === code &&
      other.severity === severity &&
      other.say === say &&
      JSON.stringify(other.at) === JSON.stringify(at),
  ).length;
