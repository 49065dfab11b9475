import { Allowance, OverLimit, planLimits } from "../trade/allowance";
import type { Step, StepDraft, Stretch, Wait } from "./step";

/** The steps of drafts, in their order; each only after those before it in the list. */
export class StepList {
  readonly steps: Step[] = [];
  private readonly lastPart = new Map<string, string>();
  private readonly allowedSteps = new Allowance("steps");
  private readonly allowedStretches = new Allowance("stretches");

  /** `mostMinutes`: what is longer is divided into parts, each of which fits into a day, unless it may not be broken off. */
  constructor(private readonly mostMinutes: number) {}

  /** Adds a step, in parts if it is longer than a day. Waits for steps that do not exist are none. */
  add({ minutes, after, within, stretches, ...rest }: StepDraft): void {
    const waits = this.resolve(after.filter((wait) => wait !== null));
    const latest = within?.flatMap((least) => {
      const step = this.lastPart.get(least.step);
      return step === undefined ? [] : [{ ...least, step }];
    });
    if (stretches) this.allowedStretches.take(stretches.length);
    const parts: { minutes: number; stretches?: readonly Stretch[] }[] = rest.unbroken
      ? [{ minutes, stretches }]
      : stretches
        ? this.packStretches(stretches)
        : this.divide(minutes);
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
          say: { ...rest.say, values: { ...rest.say.values, ...stretchesOf(part) } },
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

  private packStretches(stretches: readonly Stretch[]): { minutes: number; stretches: Stretch[] }[] {
    const parts: { minutes: number; stretches: Stretch[] }[] = [];
    for (const stretch of stretches) {
      const last = parts.at(-1);
      if (last && last.minutes + stretch.minutes <= this.mostMinutes) {
        last.stretches.push(stretch);
        last.minutes += stretch.minutes;
      } else parts.push({ minutes: stretch.minutes, stretches: [stretch] });
    }
    return parts;
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

/** What a sentence tells of how many stretches there are is told of the part's own. */
const stretchesOf = ({ stretches }: { readonly stretches?: readonly Stretch[] }) =>
  stretches && { stretches: stretches.length };
