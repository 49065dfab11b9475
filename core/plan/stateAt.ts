import type { PlanDid, PlanStep } from "./planDayTypes";
import type { Plan } from "./planTypes";

/** How something that is coated stands at a moment. */
export interface CoatedAt {
  readonly state: "bare" | "wet" | "drying" | "done";
  readonly coatsDone: number;
  readonly coats: number;
  /** The round of its last coat; null for what is painted in none. */
  readonly round: number | null;
}

/** A wall as it stands at a moment of a plan. */
export interface WallAt {
  /** Whether the base is on, or was on from the first. */
  readonly hasBase: boolean;
  readonly regions: ReadonlyMap<string, CoatedAt>;
  /** Parts of broken colour, by their ids. */
  readonly sections: ReadonlyMap<string, CoatedAt>;
  /** The ids of tape and masks that lie on it, of marks that can be seen, and of prints, bricks and drops that are on. */
  readonly tape: ReadonlySet<string>;
  readonly marks: ReadonlySet<string>;
  readonly made: ReadonlySet<string>;
}

/** Ids of some work of a step that are begun, and those of them that are done, at a moment. */
interface Progress {
  readonly begun: number;
  readonly done: number;
}

/** How far each thing that a step does has come at a moment of it, stretch by stretch, else evenly. */
function progressOf({ does, stretches, minutes, start, end }: PlanStep, time: number): Progress[] {
  if (!stretches || stretches.length < 2) {
    return does.map(({ ids }) => {
      const at = (ids.length * (time - start)) / Math.max(1, end - start);
      return { begun: Math.min(ids.length, Math.floor(at) + 1), done: Math.min(ids.length, Math.floor(at)) };
    });
  }
  const total = stretches.reduce((sum, stretch) => sum + stretch.minutes, 0);
  const scale = minutes / Math.max(1e-9, total);
  const progress = does.map(() => ({ begun: 0, done: 0 }));
  for (const stretch of stretches) {
    if (time < stretch.start) break;
    const until = stretch.start + stretch.minutes * scale;
    stretch.ids.forEach(([, to], place) => {
      const own = progress[place];
      if (!own) return;
      own.begun = Math.max(own.begun, to);
      if (time >= until) own.done = Math.max(own.done, to);
    });
  }
  return progress;
}

/** When each step is dry enough for what waits longest for it: its tape or its next coat. */
function dryTimes(plan: Plan): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const { waitsFor } of plan.steps)
    for (const { step, until } of waitsFor) times.set(step, Math.max(times.get(step) ?? 0, until));
  return times;
}

interface Coats {
  coats: Set<number>;
  begun: Set<number>;
  done: Set<number>;
  isWorkedOn: boolean;
  dryAt: number;
  round: number | null;
}

/** What is done on a wall, added up step by step until a moment. */
class Standing {
  readonly coated = { region: new Map<string, Coats>(), section: new Map<string, Coats>() };
  readonly tape = new Set<string>();
  readonly marks = new Set<string>();
  readonly made = new Set<string>();
  hasBase = true;

  constructor(private readonly time: number) {}

  add(step: PlanStep, did: PlanDid, { begun, done }: Progress, dryAt: number): void {
    const { act, of, ids } = did;
    const isBegun = step.start <= this.time;
    if (act === "base" && of === "wall" && (did.coat ?? 1) === 1) this.hasBase = isBegun;
    if (act === "coat" && (of === "region" || of === "section"))
      ids.forEach((id, place) =>
        this.addCoat(this.coated[of], id, step, did, place < begun, place < done, dryAt),
      );
    if (!isBegun) return;
    ids.slice(0, done).forEach((id) => {
      if (of === "tape" && (act === "tape" || act === "mask")) this.tape.add(id);
      if (of === "tape" && (act === "peel" || act === "unmask")) this.tape.delete(id);
      if (of === "mark" && act === "mark") this.marks.add(id);
      if (of === "mark" && act === "rub-out") this.marks.delete(id);
      if ((of === "print" || of === "brick") && act === "print") this.made.add(id);
      if (of === "drop" && act === "lay") this.made.add(id);
    });
  }

  private addCoat(
    of: Map<string, Coats>,
    id: string,
    step: PlanStep,
    { coat = 1 }: PlanDid,
    isBegun: boolean,
    isDone: boolean,
    dryAt: number,
  ): void {
    let own = of.get(id);
    if (!own) {
      own = { coats: new Set(), begun: new Set(), done: new Set(), isWorkedOn: false, dryAt: 0, round: null };
      of.set(id, own);
    }
    own.coats.add(coat);
    own.round = step.round ?? own.round;
    if (!isBegun) return;
    own.begun.add(coat);
    // What is begun stays open until its step ends: its neighbours are joined to it.
    own.isWorkedOn = this.time < step.end;
    if (isDone) own.done.add(coat);
    own.dryAt = Math.max(own.dryAt, dryAt);
  }
}

const bare: CoatedAt = { state: "bare", coatsDone: 0, coats: 0, round: null };

function coatedAt({ coats, begun, done, isWorkedOn, dryAt, round }: Coats, time: number): CoatedAt {
  const shared = { coatsDone: done.size, coats: coats.size, round };
  if (begun.size === 0) return { ...shared, state: "bare" };
  if (isWorkedOn) return { ...shared, state: "wet" };
  return { ...shared, state: done.size === coats.size && time >= dryAt ? "done" : "drying" };
}

/**
 * What the steps of a plan have made of its walls by a moment, in minutes from the first midnight: each step does to each id
 * what it says, in its turn. The one place that says what a wall is at a moment.
 */
export function stateAt(plan: Plan, time: number): ReadonlyMap<string, WallAt> {
  const standing = new Map(plan.walls.map(({ id }) => [id, new Standing(time)]));
  const dryAt = dryTimes(plan);
  for (const step of plan.steps) {
    const ended = step.end <= time;
    const progress = ended || step.start > time ? null : progressOf(step, time);
    step.does.forEach((did, place) => {
      const all = ended ? did.ids.length : 0;
      const own = progress?.[place] ?? { begun: all, done: all };
      standing.get(did.wall ?? "")?.add(step, did, own, dryAt.get(step.id) ?? step.end);
    });
  }
  return new Map(
    plan.walls.map(({ id, regions }): [string, WallAt] => {
      const { coated, tape, marks, made, hasBase } = standing.get(id)!;
      const known = (own: Coats | undefined) => (own ? coatedAt(own, time) : bare);
      return [
        id,
        {
          hasBase,
          tape,
          marks,
          made,
          regions: new Map(regions.map((region) => [region.id, known(coated.region.get(region.id))])),
          sections: new Map([...coated.section].map(([section, own]) => [section, known(own)])),
        },
      ];
    }),
  );
}
