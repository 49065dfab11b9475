import type { Condition } from "../../wall/schema";
import type { Act } from "../act";

/** How a condition is mended: what is done to it, with what, and in how many minutes; and, once that is dry, sanded flush. */
export interface Mending {
  readonly acts: readonly Act[];
  readonly tools: readonly string[];
  readonly minutes: number;
  /** Beside that for each m2 of the wall, where it is no one place. */
  readonly minutesPerM2?: number;
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
  varnish: { acts: ["strip", "sand", "dust"], tools: ["paper", "dust-mask"], minutes: 10, minutesPerM2: 8 },
  wax: { acts: ["strip", "sand", "dust"], tools: ["paper", "dust-mask"], minutes: 10, minutesPerM2: 6 },
  "old-paint": { acts: ["look"], tools: [], minutes: 10 },
};

/** What sanding it flush comes to: dusted, and primed in spots. */
export const sanding = { acts: ["sand", "dust", "prime"], tools: ["paper", "dust-mask"] } as const;

/** What is to be done to a condition: what is thin and goes into bare wood takes no gloss that is only dulled. */
export const mendingOf = ({ kind }: Condition, isBareWood: boolean): Condition["kind"] =>
  isBareWood && kind === "gloss" ? "varnish" : kind;

/** Whether what lies on the ground comes off: before it is dusted. */
export const isStripped = (condition: Condition, isBareWood: boolean): boolean =>
  mending[mendingOf(condition, isBareWood)].acts.includes("strip");

/** Whether a condition is filled and then sanded. */
export const isSanded = ({ kind }: Condition): boolean => mending[kind].sanding !== undefined;
