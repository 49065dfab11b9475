import type { Finding, FindingValues } from "../findings/finding";
import type { Happened } from "../journal/happened";
import type { Plan, PlanWall } from "../plan/planTypes";
import type { Act } from "../work/act";
import { keysOf, readKey } from "../work/keys";
import { keysOfStep } from "../work/ownKeys";
import { isInAnother, nextTimeOf } from "./coatsAnew";
import type { Job } from "./schema";
import { speakFinding } from "./speakFinding";
import { speechOf } from "./speechOf";

type Why = FindingValues["painted-otherwise"]["why"];

/** What leaves something on a wall that is seen. */
export const paints: ReadonlySet<Act> = new Set<Act>(["coat", "print", "base", "lay"]);

/** Whether a region was coated with another paint than the plan has for it. */
export function isPaintedOtherwise({ steps }: Plan, { work }: Happened): boolean {
  const meant = meantIn(steps);
  return [...work].some(([key, progress]) => {
    const { act, of } = readKey(key);
    return act === "coat" && of === "region" && isInAnother(progress, meant.get(key));
  });
}

/** Walls say what is on them that the plan does not have any more, and what is there in another paint; once it is painted anew, no more. */
export function withPaintedOtherwise({ walls, steps }: Plan, job: Job, work: Happened["work"]): PlanWall[] {
  const planned = new Set(steps.flatMap(keysOfStep));
  const meant = meantIn(steps);
  const others = new Map<string, Map<Why, Set<string>>>();
  for (const [key, progress] of work) {
    const { wall, act, of, id } = readKey(key);
    if (!progress.finished || !paints.has(act) || of === "paint" || of === "tool") continue;
    const isPlanned = planned.has(key);
    if (isPlanned && !isInAnother(progress, meant.get(key))) continue;
    if (work.get(nextTimeOf(key))?.finished) continue;
    const why = !isPlanned ? "gone" : act === "coat" && of === "region" ? "coated" : "laid";
    const own = others.get(wall) ?? new Map<Why, Set<string>>();
    others.set(wall, own.set(why, (own.get(why) ?? new Set()).add(id)));
  }
  if (others.size === 0) return walls;
  const speech = speechOf(job);
  return walls.map((wall) => {
    const found = [...(others.get(wall.id) ?? [])].map(([why, { size }]): Finding => ({
      code: "painted-otherwise",
      severity: "check",
      at: null,
      values: { wall: wall.id, pieces: size, why },
    }));
    if (found.length === 0) return wall;
    return {
      ...wall,
      findings: [...wall.findings, ...found.map((finding) => speakFinding(finding, speech))],
    };
  });
}

/** What each piece of work is meant to be done with. */
const meantIn = (steps: Plan["steps"]): ReadonlyMap<string, string> =>
  new Map(
    steps.flatMap(({ does, wall }) =>
      does.flatMap(({ with: paint, ...one }) =>
        paint === undefined
          ? []
          : keysOf([{ ...one, wall: one.wall ?? wall }]).map((key) => [key, paint] as const),
      ),
    ),
  );
