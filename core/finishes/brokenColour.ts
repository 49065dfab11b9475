import * as z from "zod";
import { idSchema } from "../measure/schema";
import type { Finding } from "../findings/finding";
import type { EffectHand } from "../pattern/placement";
import type { Design } from "../pattern/pattern";
import type { BrokenWall } from "../work/broken/steps";
import { fillTool, type Editing } from "./editing";
import type { Share, Site } from "./defineCraft";
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

/** Where what it lies on is not to be seen: it is told, since nothing is done then. */
export const overNothing = ({ walls }: Pick<Share<unknown>, "walls">, thing: string): Finding[] =>
  walls.some(({ covered }) => covered !== null)
    ? []
    : [{ code: "off-wall", severity: "check", values: { thing }, at: null }];

/** The walls of a share that anything of it lies on, as their steps want them. */
export const brokenWalls = (
  { layout, walls }: Share<{ readonly spec: { readonly id: string } }>,
  { work, paints, ready }: Site,
): BrokenWall[] =>
  walls.flatMap(({ wall, covered }, index): BrokenWall[] => {
    if (!covered) return [];
    const finish = layout.spec.id;
    const named = index === 0 ? finish : `${finish}/${wall.id}`;
    return [{ named, wall, covered, finish, work, paints, ready: ready(wall) }];
  });
