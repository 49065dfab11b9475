import { Allowance, OverLimit, planLimits } from "../trade/allowance";
import { isTaping, type Did } from "./act";
import { cautionsAbove } from "./cautions";
import { partStep } from "./keys";
import type { Step, StepDraft, Stretch, Wait } from "./step";
import { said } from "./words";

/** A step that waits for one that there is not, nor was thought possible: the order of work cannot be trusted. */
export class MissingStep extends Error {
  constructor(
    readonly step: string,
    readonly missing: string,
  ) {
    super(`The step ${step} waits for ${missing}, which there is not`);
  }
}

/** The steps of drafts, in their order; each only after those before it in the list. */
export class StepList {
  readonly steps: Step[] = [];
  private readonly lastPart = new Map<string, string>();
  private readonly toldOf = new Set<string>();
  private readonly allowedSteps = new Allowance("steps");
  private readonly allowedStretches = new Allowance("stretches");

  /**
   * `usable`: what is longer is divided into parts, each of which fits into a day, unless it may not be broken off.
   * `longest`: a field that one person does not paint in so long is painted by as many together as do.
   */
  constructor(
    private readonly hours: { readonly usable: number; readonly longest: number },
    private readonly crew = 1,
  ) {}

  /** Adds a step, in parts if it is longer than a day. Throws MissingStep for a wait for a step that is not in the list. */
  add({ minutes: ofOne, after, within, stretches: given, sharedByTwo, ...draft }: StepDraft): void {
    const care = takingCare(draft);
    const isField = care.isWet || given?.some(({ goesOn }) => goesOn);
    const hands = this.handsFor(
      isField ? longestField({ minutes: ofOne, stretches: given }) : 0,
      sharedByTwo,
    );
    const minutes = ofOne / hands;
    const stretches = hands === 1 ? given : given?.map((own) => ({ ...own, minutes: own.minutes / hands }));
    const rest = {
      ...draft,
      ...care,
      ...(hands > 1 && { hands }),
      cautions: this.once(draft, care.cautions),
    };
    const waits = this.resolve(
      rest.id,
      after.filter((wait) => wait !== null),
    );
    const latest = within?.map((least) => ({ ...least, step: this.lastOf(rest.id, least.step) }));
    if (stretches) this.allowedStretches.take(stretches.length);
    // A coat is broken off between its stretches, wherever a day ends.
    const parts: { minutes: number; does: readonly Did[]; stretches?: readonly Stretch[] }[] =
      rest.unbroken || stretches
        ? [{ minutes, does: rest.does, ...(stretches && { stretches }) }]
        : this.divide(minutes, rest.does);
    this.allowedSteps.take(parts.length);
    let before: string | null = null;
    parts.forEach((part, index) => {
      const id = partStep(rest.id, index + 1);
      this.steps.push({
        ...rest,
        ...part,
        id,
        minutes: Math.max(1, Math.ceil(part.minutes - 1e-6)),
        after: before === null ? waits : [{ step: before, what: "after", minutes: 0 }],
        ...(before === null && latest && { within: latest }),
        ...(parts.length > 1 && {
          part: { number: index + 1, of: parts.length },
        }),
      });
      before = id;
    });
    this.lastPart.set(rest.id, before!);
  }

  /** What one stands on is told once a wall, at the first step that needs it. */
  private once({ wall }: Pick<StepDraft, "wall">, cautions: StepDraft["cautions"]): StepDraft["cautions"] {
    return cautions.filter(({ code }) => {
      if (code !== "care-steps" && code !== "care-tower") return true;
      const key = `${wall} ${code}`;
      const isTold = this.toldOf.has(key);
      this.toldOf.add(key);
      return !isTold;
    });
  }

  private handsFor(fieldMinutes: number, sharedByTwo: boolean | undefined): number {
    const needed = Math.ceil(fieldMinutes / this.hours.longest - 1e-9);
    return Math.max(1, Math.min(this.crew, Math.max(needed, sharedByTwo ? 2 : 1)));
  }

  private divide(minutes: number, does: readonly Did[]): { minutes: number; does: readonly Did[] }[] {
    const parts = Math.max(1, Math.ceil(minutes / this.hours.usable - 1e-9));
    if (parts > planLimits.steps) throw new OverLimit("steps");
    return Array.from({ length: parts }, (_, index) => ({
      minutes: minutes / parts,
      does: parts === 1 ? does : does.map((one) => shareOf(one, index, parts)),
    }));
  }

  /** Waits for the last parts of steps, the longest of each kind for each step. */
  private resolve(step: string, after: readonly Wait[]): Wait[] {
    const byStep = new Map<string, Wait>();
    for (const { ifAny, byLabel: _, ...wait } of after) {
      if (ifAny && !this.lastPart.has(wait.step)) continue;
      const last = this.lastOf(step, wait.step);
      // What air shortens, a night, and the lights of a day are told apart.
      const key = `${last} ${wait.what === "next-day" || wait.what === "looks" ? wait.what : ""}`;
      const other = byStep.get(key);
      if (!other || other.minutes < wait.minutes) byStep.set(key, { ...wait, step: last });
    }
    return [...byStep.values()];
  }

  private lastOf(step: string, before: string): string {
    const last = this.lastPart.get(before);
    if (last === undefined) throw new MissingStep(step, before);
    return last;
  }
}

/** What every work of its kind asks for: care with the knife that cuts tape, and on steps; and whether it is one wet area. */
function takingCare({ does, cautions }: Pick<StepDraft, "does" | "cautions">) {
  const isCutting = does.some((one) => isTaping(one) && one.of !== "wall");
  const highest = Math.max(0, ...does.map(({ heightMm = 0 }) => heightMm));
  return {
    cautions: [...(isCutting ? [said("care-knife", {})] : []), ...cautions, ...cautionsAbove(highest)],
    ...(does.some(({ rolledM2 }) => rolledM2 !== undefined) && { isWet: true as const }),
  };
}

/** A part's own of the ids, in order, and of the paint: a piece that takes longer than a part goes on in the next. */
function shareOf(one: Did, index: number, parts: number): Did {
  const { ids, ml } = one;
  const [from, to] = [index, index + 1].map((part) => (part * ids.length) / parts) as [number, number];
  const isMany = ids.length >= parts;
  const own = isMany
    ? ids.slice(Math.round(from), Math.round(to))
    : ids.slice(Math.floor(from), Math.ceil(to - 1e-9));
  const share = isMany ? own.length / ids.length : 1 / parts;
  return {
    ...one,
    ids: own,
    ...(ml !== undefined && { ml: ml * share }),
  };
}

/** Minutes of what a step does longest in one go: a field of its stretches, or all of it. */
export function longestField({ minutes, stretches }: Pick<Step, "minutes" | "stretches">): number {
  if (!stretches) return minutes;
  let [longest, own] = [0, 0];
  for (const stretch of stretches) {
    own = stretch.goesOn ? own + stretch.minutes : stretch.minutes;
    longest = Math.max(longest, own);
  }
  return longest;
}

/** What a step does in some of its stretches: its work with the ids and the paint of those. */
export function doneIn(does: readonly Did[], stretches: readonly Stretch[], all: readonly Stretch[]): Did[] {
  const minutesOf = (own: readonly Stretch[]) => own.reduce((sum, { minutes }) => sum + minutes, 0);
  const share = minutesOf(stretches) / Math.max(1e-9, minutesOf(all));
  return does.flatMap((one, place): Did[] => {
    const ranges = stretches.map(({ ids }) => ids[place]!);
    const [from, to] = [Math.min(...ranges.map(([from]) => from)), Math.max(...ranges.map(([, to]) => to))];
    if (to <= from) return [];
    return [{ ...one, ids: one.ids.slice(from, to), ...(one.ml !== undefined && { ml: one.ml * share }) }];
  });
}

/** What a sentence tells of how many stretches there are, and how many places in them, is told of the part's own. */
export const stretchesOf = ({ stretches }: { readonly stretches?: readonly Stretch[] }) =>
  stretches && {
    stretches: stretches.length,
    here: stretches.reduce((sum, { ids: [first] }) => sum + first![1] - first![0], 0),
    ...stretches.at(-1)?.until,
  };
