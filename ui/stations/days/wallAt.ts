import type { Plan, PlanTape } from "@/core/job/planTypes";
import type { PlanStep } from "@/core/job/planDayTypes";

/** How a region stands at a moment. */
export interface RegionAt {
  readonly state: "bare" | "wet" | "drying" | "done";
  readonly coatsDone: number;
  readonly coats: number;
  /** The round of its last coat; null for what is left in base. */
  readonly round: number | null;
}

export interface WallAt {
  /** Whether the base is on, or was on from the first. */
  readonly hasBase: boolean;
  readonly regions: ReadonlyMap<string, RegionAt>;
  /** Tape that is on the wall. */
  readonly tape: readonly PlanTape[];
}

/** A wall as it stands at a moment of the plan, in minutes from the first midnight. */
export function wallAt(plan: Plan, wallId: string, time: number): WallAt {
  const own = plan.steps.filter((step) => step.wall === wallId);
  const wall = plan.walls.find(({ id }) => id === wallId);
  const bases = own.filter(({ kind }) => kind === "base");
  const coatsOf = new Map<string, PlanStep[]>();
  for (const step of own) {
    if (step.kind !== "paint") continue;
    for (const id of new Set(step.stretches?.flatMap(({ regions }) => regions) ?? [])) {
      coatsOf.set(id, [...(coatsOf.get(id) ?? []), step]);
    }
  }
  return {
    hasBase: bases.length === 0 || bases[0]!.start <= time,
    regions: new Map(
      (wall?.regions ?? []).map(({ id }) => [id, regionAt(coatsOf.get(id) ?? [], dryTimes(plan), time)]),
    ),
    tape: (wall?.tape ?? []).filter((piece) => isTaped(plan, wallId, piece, time)),
  };
}

/** When each step is dry enough for what waits longest for it: its tape or its next coat. */
function dryTimes(plan: Plan): ReadonlyMap<string, number> {
  const kept = dryTimesOf.get(plan);
  if (kept) return kept;
  const times = new Map<string, number>();
  for (const { waitsFor } of plan.steps) {
    for (const { step, until } of waitsFor) times.set(step, Math.max(times.get(step) ?? 0, until));
  }
  dryTimesOf.set(plan, times);
  return times;
}

const dryTimesOf = new WeakMap<Plan, ReadonlyMap<string, number>>();

function regionAt(coats: readonly PlanStep[], dryAt: ReadonlyMap<string, number>, time: number): RegionAt {
  const begun = coats.filter(({ start }) => start <= time);
  const ended = begun.filter(({ end }) => end <= time);
  const numbers = (steps: readonly PlanStep[]) => new Set(steps.map(({ coat }) => coat)).size;
  const shared = { coatsDone: numbers(ended), coats: numbers(coats), round: coats.at(-1)?.round ?? null };
  if (begun.length === 0) return { ...shared, state: "bare" };
  if (begun.length > ended.length) return { ...shared, state: "wet" };
  const dry = Math.max(...ended.map(({ id, end }) => dryAt.get(id) ?? end));
  return { ...shared, state: shared.coatsDone === shared.coats && time >= dry ? "done" : "drying" };
}

/** From the laying of a round's tape until its last coat is on and it is peeled: from around the corner, where it is painted up to from there. */
function isTaped({ steps }: Plan, wallId: string, { round, corner }: PlanTape, time: number): boolean {
  const ofRound = steps.filter((step) => step.round === round);
  const laid = ofRound.find(({ kind, wall }) => kind === "tape" && wall === wallId);
  if (!laid || laid.start > time) return false;
  const ends = ofRound
    .filter(({ kind, wall }) => wall === (corner ?? wallId) && (kind === "paint" || kind === "peel"))
    .map(({ end }) => end);
  return time < Math.max(...ends);
}
