import { emitPlan } from "@/core/job/emitPlan";
import { planOrStop } from "@/core/job/plan";
import type { Job } from "@/core/job/schema";
import { readPlan, type ReadPlan } from "@/core/plan/planSchema";
import type { Plan } from "@/core/plan/planTypes";
import { rehearse } from "@/core/rehearse/rehearse";
import { listProblems, readJob, readText, type Terminal } from "./terminal";

const usage = `usage: npm run --silent rehearse -- JOB.json [PLAN.json]
  carries a plan out to the letter and prints what goes wrong; without a plan the job's own; - reads standard input`;

/** A job file, and a printed plan, in; the faults out. Exit 0 without faults or with told ones only, 1 with others, 2 for what does not validate. */
export function runRehearse(args: readonly string[], { print, complain }: Terminal): number {
  const refuse = (message: string): number => {
    complain(`${message}\n`);
    return 2;
  };
  const [file, planFile, ...rest] = args;
  if (file === undefined || rest.length > 0 || args.some((arg) => arg.startsWith("--"))) return refuse(usage);
  const answer = readJob(file);
  if ("problem" in answer) return refuse(answer.problem);
  const read = planFile === undefined ? planned(answer.job) : readPlanOf(answer.job, planFile);
  if (typeof read === "string") return refuse(read);
  const rehearsal = rehearse(answer.job, read);
  print(`${JSON.stringify(rehearsal, null, 2)}\n`);
  return rehearsal.faults.some(({ told }) => told === undefined) ? 1 : 0;
}

/** The job's own plan, as it is printed. */
function planned(job: Job): Plan | string {
  const read = readPlan(emitPlan(planOrStop(job)));
  return read.ok ? read.plan : listProblems(read.problems);
}

function readPlanOf(job: Job, file: string): Plan | string {
  const read = readText(file, "a plan");
  if ("problem" in read) return read.problem;
  const answer = fitting(job, readPlan(read.text));
  return answer.ok ? answer.plan : `${file}:\n${listProblems(answer.problems)}`;
}

/** A plan of another job speaks of walls that there are not. */
function fitting(job: Job, read: ReadPlan): ReadPlan {
  if (!read.ok) return read;
  const walls = new Set(job.walls.map(({ id }) => id));
  const { plan } = read;
  const isIn = new Set(plan.walls.map(({ id }) => id));
  const problem = (path: string, wall: string) => ({
    path,
    message: `there is no wall ${JSON.stringify(wall)} in the job; expected one of ${[...walls].join(", ")}`,
  });
  const problems = [
    ...plan.walls.flatMap(({ id }, index) => (walls.has(id) ? [] : [problem(`walls.${index}.id`, id)])),
    ...plan.steps.flatMap(({ does }, index) =>
      does.flatMap(({ wall }, place) =>
        wall === undefined || isIn.has(wall) ? [] : [problem(`steps.${index}.does.${place}.wall`, wall)],
      ),
    ),
  ];
  return problems.length === 0 ? read : { ok: false, problems: problems.slice(0, 100) };
}
