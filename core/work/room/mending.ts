import type { Condition } from "../../wall/schema";
import type { Act } from "../act";

/** How a condition is mended: what is done to it, with what, and in how many minutes; and, once that is dry, sanded flush. */
export interface Mending {
  readonly acts: readonly Act[];
  readonly tools: readonly string[];
  readonly minutes: number;
  /** Minutes to sand it, once what it is filled with is dry. */
  readonly sanding?: number;
}

const filled = { acts: ["fill"], tools: ["tool-filling-knife", "filler"], sanding: 10 } as const;

export const mending: Readonly<Record<Condition["kind"], Mending>> = {
  crack: { ...filled, minutes: 15 },
  patch: { ...filled, minutes: 10 },
  gloss: { acts: ["wash", "dull"], tools: [], minutes: 20 },
  grease: { acts: ["wash"], tools: [], minutes: 15 },
  "bare-plaster": { acts: ["prime"], tools: [], minutes: 10 },
  "old-paint": { acts: ["look"], tools: [], minutes: 10 },
};

/** What sanding it flush comes to: dusted, and primed in spots. */
export const sanding = { acts: ["sand", "dust", "prime"], tools: ["paper", "dust-mask"] } as const;

/** Whether a condition is filled and then sanded. */
export const isSanded = ({ kind }: Condition): boolean => mending[kind].sanding !== undefined;
