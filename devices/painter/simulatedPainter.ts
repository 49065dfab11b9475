import type { PlanStep } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";
import { workToTell } from "@/core/plan/workOfStep";
import { createRandom, normalFrom } from "../random";
import type { Telling, WallHelper } from "./wallHelper";

interface Setup {
  readonly seed: string;
  /** Of a careful one nothing goes wrong; a beginner is slower, and more does. */
  readonly skill?: "careful" | "usual" | "beginner";
}

interface Habits {
  /** How many times as long as planned work takes on the average, and how far that spreads. */
  readonly pace: number;
  readonly spread: number;
  /** How often, of a step: it is laid down for a while, and a coat bleeds or is torn. */
  readonly breaks: number;
  readonly mishaps: number;
  /** How often a tin is weighed after a coat. */
  readonly weighs: number;
}

const habitsOf: Readonly<Record<NonNullable<Setup["skill"]>, Habits>> = {
  careful: { pace: 1, spread: 0.05, breaks: 0, mishaps: 0, weighs: 0.5 },
  usual: { pace: 1.08, spread: 0.18, breaks: 0.04, mishaps: 0.02, weighs: 0.25 },
  beginner: { pace: 1.35, spread: 0.3, breaks: 0.08, mishaps: 0.06, weighs: 0.15 },
};

/** Nothing is done faster than that, whoever does it. */
const leastShare = 0.4;
/** Minutes that somebody steps aside, and share of a step after which. */
const [asideMin, asideAfter] = [12, 0.5] as const;
/** Trouble that a coat may have made, told when it is done. */
const troubles = ["bleed", "torn-edge", "spill-dry"] as const;

/** A step that is under way: by whom, and when it is laid down or done. */
interface Running {
  readonly step: PlanStep;
  readonly until: number;
  /** It is laid down first, and gone on with later. */
  readonly aside: { readonly from: number; readonly until: number } | null;
}

/** Nobody steps aside from what has a wet edge. */
const wetting: ReadonlySet<string> = new Set(["prime", "base", "coat", "varnish", "lay", "seal"]);
const isWet = ({ unbroken, does }: PlanStep): boolean =>
  unbroken === true || does.some(({ act }) => wetting.has(act));

const peopleOf = ({ person, people }: PlanStep): readonly number[] => people ?? [person];
const nameOf = (person: number): string => `Person ${person}`;

/**
 * A stand-in for those at the wall: they take what the plan has for each of them next, when it may begin, need as long as they need, step
 * aside, and tell of what went wrong. The same seed and the same plans make the same day.
 */
export function createSimulatedPainter({ seed, skill = "usual" }: Setup): WallHelper {
  const habits = habitsOf[skill];
  const random = createRandom(`${seed} painter`);
  const running = new Map<string, Running>();
  const tins = createTins(random);
  const begin = (step: PlanStep, at: number): Telling => {
    const share = Math.max(leastShare, habits.pace + habits.spread * normalFrom(random));
    // Breaks and nights are as long for everyone.
    const lasts = Math.max(1, Math.round(step.end - step.start + step.minutes * (share - 1)));
    const isAside = !isWet(step) && lasts > asideMin && random() < habits.breaks;
    const from = at + Math.round(lasts * asideAfter);
    running.set(step.id, {
      step,
      until: at + lasts + (isAside ? asideMin : 0),
      aside: isAside ? { from, until: from + asideMin } : null,
    });
    return tellWork("began", step, at);
  };
  const finish = ({ step, until }: Running, plan: Plan): Telling[] => {
    running.delete(step.id);
    tins.use(step);
    const trouble = random() < habits.mishaps ? troubleIn(step, plan, until, random) : null;
    const left = random() < habits.weighs ? tins.leftAfter(step, plan) : null;
    return [
      tellWork("finished", step, until),
      ...(trouble ? [trouble] : []),
      ...(left ? [{ at: until + 1, by: nameOf(step.person), kind: "weighed", payload: left }] : []),
    ];
  };
  return {
    name: "Simulated painter",
    next(plan, now) {
      const events = [...running.values()].map((one) => ({ at: one.aside?.from ?? one.until, one }));
      const first = events.sort((a, b) => a.at - b.at)[0];
      const step = nextStep(plan, running);
      const start = step && Math.max(now, step.start);
      if (step && (!first || start! < first.at)) return [begin(step, start!)];
      if (!first) return null;
      const { one } = first;
      if (!one.aside) return finish(one, plan);
      running.set(one.step.id, { ...one, aside: null });
      return [tellWork("paused", one.step, one.aside.from), tellWork("began", one.step, one.aside.until)];
    },
  };
}

/** What can be begun first by those whose hands are free: all that it waits for is done. */
function nextStep({ steps }: Plan, running: ReadonlyMap<string, Running>): PlanStep | undefined {
  const busy = new Set([...running.values()].flatMap(({ step }) => peopleOf(step)));
  const left = steps.filter(({ id, state }) => state !== "done" && state !== "running" && !running.has(id));
  const inTurn = [...left].sort((a, b) => a.start - b.start);
  // Each one's own next alone: nobody goes ahead of what comes first.
  const own = new Map<number, PlanStep>();
  for (const step of inTurn) for (const person of peopleOf(step)) if (!own.has(person)) own.set(person, step);
  // Someone else may take longer over it than was planned.
  const open = new Set(steps.filter(({ state }) => state !== "done").map(({ id }) => id));
  return inTurn.find(
    (step) =>
      step.waitsFor.every((wait) => !open.has(wait.step)) &&
      peopleOf(step).every((person) => !busy.has(person) && own.get(person) === step),
  );
}

const tellWork = (kind: string, step: PlanStep, at: number): Telling => ({
  at,
  by: nameOf(step.person),
  kind,
  payload: { work: workToTell(step) },
});

/** Something that went wrong where a coat went on: in the middle of one of its pieces. */
function troubleIn(step: PlanStep, { walls }: Plan, at: number, random: () => number): Telling | null {
  const coated = step.does.find(({ act, of }) => act === "coat" && of === "region");
  const wall = walls.find(({ id }) => id === step.wall);
  if (!coated || !wall) return null;
  const id = coated.ids[Math.floor(random() * coated.ids.length)];
  const region = wall.regions.find((one) => one.id === id);
  if (!region) return null;
  const trouble = troubles[Math.floor(random() * troubles.length)]!;
  return {
    at: at + 1,
    by: nameOf(step.person),
    kind: "trouble",
    payload: { trouble, wall: wall.id, place: [...region.label], size: "small", words: "" },
  };
}

/** How far one painter's use of paint is from another's, and what one piece takes from what the next does. */
const [painterSpread, pieceSpread] = [0.2, 0.2];

/** What is really in the tins: each painter lays paint on as thick as he does. */
function createTins(random: () => number) {
  const thick = Math.exp(painterSpread * normalFrom(random));
  const used = new Map<string, number>();
  const coatOf = ({ does }: PlanStep) =>
    does.find(({ act, ml }) => (act === "coat" || act === "base") && ml !== undefined);
  return {
    use(step: PlanStep): void {
      for (const { with: paint, ml = 0, ids } of step.does) {
        if (paint === undefined) continue;
        const spread = pieceSpread / Math.sqrt(Math.max(1, ids.length));
        used.set(paint, (used.get(paint) ?? 0) + ml * thick * Math.exp(spread * normalFrom(random)));
      }
    },
    leftAfter(step: PlanStep, { paint: needs }: Plan): { paint: string; left_ml: number } | null {
      const paint = coatOf(step)?.with;
      const own = needs.find(({ colour }) => colour === paint);
      if (paint === undefined || !own) return null;
      const had = own.packs.reduce((sum, { size_ml: size, count }) => sum + size * count, own.store_ml);
      const left = had - (used.get(paint) ?? 0);
      return left > 0 ? { paint, left_ml: Math.round(left) } : null;
    },
  };
}
