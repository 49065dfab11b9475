import type { Job } from "@/core/job/schema";
import type { PlanDay, PlanStep } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";
import { pausesOf } from "@/formats/pauses";

/** A line of a day: on which wall what follows is, a step, or that nobody has anything to do. */
export type DayRow =
  | { readonly kind: "wall"; readonly key: string; readonly name: string }
  | { readonly kind: "pause"; readonly key: string; readonly say: string }
  | {
      readonly kind: "step";
      readonly key: string;
      readonly step: PlanStep;
      /** What is done, without the wall under whose name it stands. */
      readonly say: string;
      readonly isOnWall: boolean;
      /** Those that no earlier step of the day has told: a caution is told once a day, where it first counts. */
      readonly cautions: readonly string[];
    };

/** All that a day tells, steps of one wall that follow each other under its name; of one wall and the room where it is asked for. */
export function rowsOfDay(job: Job, plan: Plan, day: PlanDay, onlyWall: string | null): DayRow[] {
  const nameOf = (id: string) => job.walls.find((wall) => wall.id === id)?.name ?? id;
  const pauses = pausesOf(job, plan, day);
  const said = new Set<string>();
  const rows: DayRow[] = [];
  let on: string | undefined;
  for (const step of plan.steps) {
    if (step.day !== day.day) continue;
    const pause = pauses[0] && step.start >= pauses[0].until ? pauses.shift()! : null;
    if (pause) rows.push({ kind: "pause", key: `pause ${pause.until}`, say: pause.say });
    if (onlyWall !== null && step.wall !== undefined && step.wall !== onlyWall) continue;
    const name = step.wall === undefined ? null : nameOf(step.wall);
    if (name !== null && step.wall !== on) rows.push({ kind: "wall", key: `wall ${step.id}`, name });
    on = step.wall;
    const cautions = step.cautions.filter((caution) => !said.has(caution));
    for (const caution of cautions) said.add(caution);
    rows.push({
      kind: "step",
      key: step.id,
      step,
      say: name === null ? step.say : withoutName(step.say, name),
      isOnWall: name !== null,
      cautions,
    });
  }
  return rows;
}

function withoutName(say: string, name: string): string {
  if (!say.startsWith(`${name}: `)) return say;
  const rest = say.slice(name.length + 2);
  return rest.charAt(0).toUpperCase() + rest.slice(1);
}
