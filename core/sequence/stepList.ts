import type { Step, Stretch, Wait, WaitKind } from "./step";

export interface StepDraft extends Omit<Step, "minutes" | "after" | "part"> {
  readonly minutes: number;
  readonly after: readonly (Wait | null)[];
}

/** Steps in the order in which they are thought of; each only after those before it in the list. */
export class StepList {
  readonly steps: Step[] = [];
  private readonly lastPart = new Map<string, string>();

  /** `mostMinutes`: what is longer is divided into parts, each of which fits into a day. */
  constructor(private readonly mostMinutes: number) {}

  has(id: string): boolean {
    return this.lastPart.has(id);
  }

  /** Adds a step, in parts if it is longer than a day; answers its id. Waits for steps that do not exist are none. */
  add({ minutes, after, stretches, ...rest }: StepDraft): string {
    const waits = this.resolve(after.filter((wait) => wait !== null));
    const parts = stretches ? this.packStretches(stretches) : this.divide(minutes);
    let before: string | null = null;
    parts.forEach((part, index) => {
      const id: string = index === 0 ? rest.id : `${rest.id}/${index + 1}`;
      this.steps.push({
        ...rest,
        ...part,
        id,
        minutes: Math.max(1, Math.ceil(part.minutes - 1e-6)),
        after: before === null ? waits : [{ step: before, what: "after", minutes: 0 }],
        ...(parts.length > 1 && { part: { number: index + 1, of: parts.length } }),
      });
      before = id;
    });
    this.lastPart.set(rest.id, before!);
    return rest.id;
  }

  private divide(minutes: number): { minutes: number }[] {
    const parts = Math.max(1, Math.ceil(minutes / this.mostMinutes - 1e-9));
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

/** A wait for a step; none for a step that there is not. */
export const waitFor = (step: string | null, what: WaitKind = "after", minutes = 0): Wait | null =>
  step === null ? null : { step, what, minutes };
