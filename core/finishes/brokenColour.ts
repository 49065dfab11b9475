import * as z from "zod";
import { idSchema } from "../measure/schema";
import type { EffectHand } from "../pattern/placement";
import type { Design } from "../pattern/pattern";
import { fillTool, type Editing } from "./editing";
import type { CardField, SpecReference } from "./defineFinish";

/** What broken colour lies on. */
export const overSchema = z
  .union([z.literal("all"), idSchema])
  .default("all")
  .describe("all that is there, or only where one paint would show");
export const seedSchema = z.int().min(0).max(2147483647).default(1);

/** The paint that it lies on, where it lies on one. */
export const overPaint = ({ over }: { readonly over: string }): SpecReference[] =>
  over === "all" ? [] : [{ path: ["over"], id: over }];

/** It divides nothing: what is there is broken up where it stands. */
export const brokenDesign = (
  { over, seed }: { readonly over: string; readonly seed: number },
  tones: readonly { readonly paint: string; readonly share: number }[],
  by: EffectHand,
): Design[] => [
  {
    lines: [],
    dividers: [],
    pieceAt: () => null,
    effects: [{ id: "coat", over: over === "all" ? "all" : { paint: over }, seed, tones, by }],
  },
];

export const overField = ({ over }: { readonly over: string }): CardField => ({
  type: "paint",
  label: "Lies over",
  path: ["over"],
  value: over === "all" ? null : over,
  mayBeNone: true,
  none: "everything",
});

/** Filled anywhere, it takes the paint. */
export const fillsPaint = (key: string): Editing => ({
  handles: [],
  tools: [fillTool((_, paint) => ({ set: { [key]: paint } }))],
});
