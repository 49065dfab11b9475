import type { Finding, FindingValues } from "../findings/finding";
import type { Happened } from "../journal/happened";
import type { Plan, PlanWall } from "../plan/planTypes";
import type { Act } from "../work/act";
import { keysOf, readKey } from "../work/keys";
import { coloursOf, isInAnother, nextTimeOf } from "./coatsAnew";
import type { Job } from "./schema";
import { speakFinding } from "./speakFinding";
import { speechOf } from "./speechOf";

type Why = FindingValues["painted-otherwise"]["why"];

/** What leaves something on a wall that is seen. */
export const leavesPaint: ReadonlySet<Act> = new Set<Act>(["coat", "print", "base", "lay"]);

/** Whether a region was coated with another paint than it has now. */
export function isPaintedOtherwise(walls: readonly PlanWall[], { work }: Happened): boolean {
  const colourOf = coloursOf(walls);
  return [...work].some(([key, progress]) => {
    if (progress.with === undefined) return false;
    const { act, of, wall, id } = readKey(key);
    return act === "coat" && of === "region" && isInAnother(progress, colourOf(wall, id));
  });
}

/** Walls say what is on them that the plan does not have any more, and what is there in another paint; once it is painted anew, no more. */
export function withPaintedOtherwise({ walls, steps }: Plan, job: Job, work: Happened["work"]): PlanWall[] {
  const meant = meantIn(steps);
  const others = new Map<string, Map<Why, Set<string>>>();
  for (const [key, progress] of work) {
    const { wall, act, of, id } = readKey(key);
    if (!progress.finished || !leavesPaint.has(act) || of === "paint" || of === "tool") continue;
    const isPlanned = meant.has(key);
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

/** What each piece of work is meant to be done with; null where that is nothing of its own. */
const meantIn = (steps: Plan["steps"]): ReadonlyMap<string, string | null> =>
  new Map(
    steps.flatMap(({ does, wall }) =>
      does.flatMap(({ with: paint = null, ...one }) =>
        keysOf([{ ...one, wall: one.wall ?? wall }]).map((key) => [key, paint] as const),
      ),
    ),
  );
