/** What a plan is made of, and the most of each that a job may come to: far beyond any room, well within a machine. */
export const planLimits = {
  pieces: 10_000,
  "pieces of line": 80_000,
  marks: 40_000,
  "pieces of tape": 30_000,
  prints: 20_000,
  "pieces of cut prints": 40_000,
  steps: 3_000,
  stretches: 40_000,
  "points of outlines": 500_000,
} as const;

export type Limited = keyof typeof planLimits;

/** Thrown as soon as more is made than a job may come to, before the rest of it is. */
export class OverLimit extends Error {
  override name = "OverLimit";
  constructor(readonly what: Limited) {
    super(`More than ${planLimits[what]} ${what}.`);
  }
}

/** Counts what is made of one kind. */
export class Allowance {
  private left: number;

  constructor(private readonly what: Limited) {
    this.left = planLimits[what];
  }

  /** Throws OverLimit once more than the limit has been taken. */
  take(count = 1): void {
    this.left -= count;
    if (this.left < 0) throw new OverLimit(this.what);
  }
}
