import { Allowance, OverLimit, planLimits } from "../trade/allowance";
import type { Step, StepDraft, Stretch, Wait } from "./step";

/** The steps of drafts, in their order; each only after those before it in the list. */
export class StepList {
  readonly steps: Step[] = [];
  private readonly lastPart = new Map<string, string>();
  private readonly allowedSteps = new Allowance("steps");
  private readonly allowedStretches = new Allowance("stretches");

  /** `mostMinutes`: what is longer is divided into parts, each of which fits into a day, unless it may not be broken off. */
  constructor(
    private readonly mostMinutes: number,
    private readonly crew = 1,
  ) {}

  /** Adds a step, in parts if it is longer than a day. Waits for steps that do not exist are none. */
  add({ minutes: ofOne, after, within, stretches, sharedByTwo, ...draft }: StepDraft): void {
    const isShared = sharedByTwo === true && this.crew > 1;
    const minutes = isShared ? ofOne / 2 : ofOne;
    const rest = isShared ? { ...draft, hands: 2 } : draft;
    const waits = this.resolve(after.filter((wait) => wait !== null));
    const latest = within?.flatMap((least) => {
      const step = this.lastPart.get(least.step);
      return step === undefined ? [] : [{ ...least, step }];
    });
    if (stretches) this.allowedStretches.take(stretches.length);
    // A coat is broken off between its stretches, wherever a day ends.
    const parts: { minutes: number; stretches?: readonly Stretch[] }[] =
      rest.unbroken || stretches ? [{ minutes, ...(stretches && { stretches }) }] : this.divide(minutes);
    this.allowedSteps.take(parts.length);
    let before: string | null = null;
    parts.forEach((part, index) => {
      const id: string = index === 0 ? rest.id : `${rest.id}/${index + 1}`;
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

  private divide(minutes: number): { minutes: number }[] {
    const parts = Math.max(1, Math.ceil(minutes / this.mostMinutes - 1e-9));
    if (parts > planLimits.steps) throw new OverLimit("steps");
    return Array.from({ length: parts }, () => ({ minutes: minutes / parts }));
  }

  /** Waits for the last parts of steps, the longest of each kind for each step. */
  private resolve(after: readonly Wait[]): Wait[] {
    const byStep = new Map<string, Wait>();
    for (const wait of after) {
      const step = this.lastPart.get(wait.step);
      if (step === undefined) continue;
      const key = `${step} ${wait.what === "next-day" ? "next-day" : ""}`;
      const other = byStep.get(key);
      if (!other || other.minutes < wait.minutes) byStep.set(key, { ...wait, step });
    }
    return [...byStep.values()];
  }
}

/** What a sentence tells of how many stretches there are, and how many places in them, is told of the part's own. */
export const stretchesOf = ({ stretches }: { readonly stretches?: readonly Stretch[] }) =>
  stretches && {
    stretches: stretches.length,
    here: stretches.reduce((sum, { regions }) => sum + regions.length, 0),
    ...stretches.at(-1)?.until,
  };
