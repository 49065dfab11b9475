import * as z from "zod";
import { idSchema, lengthSchema } from "../../measure/schema";

/**
 * How something is tried before it is decided: on a board that is carried about, as a patch on the wall itself, as a chip that is
 * judged the same day, or as a trial of the pattern at its true size.
 */
export const trialWays = ["board", "patch", "chip", "trial"] as const;
export type TrialWay = (typeof trialWays)[number];

/** Wide and high, mm: A2; an arm's span of wall; a hand; A1. */
export const usualSizes: Readonly<Record<TrialWay, readonly [number, number]>> = {
  board: [420, 594],
  patch: [400, 600],
  chip: [100, 150],
  trial: [594, 841],
};

const side = lengthSchema({ min: 50, max: 3000 });

/** A board that is to be painted before anything is decided, and what it is to show. */
export const boardSchema = z.strictObject({
  id: idSchema,
  of: z.union(
    [
      z.strictObject({ set: idSchema }),
      z.strictObject({ paint: idSchema }),
      z.strictObject({ finish: idSchema }),
    ],
    { error: 'expected { "set": "s1" }, { "paint": "kelp" } or { "finish": "f3" }' },
  ),
  as: z.enum(trialWays).default("board"),
  size: z.tuple([side, side]).optional().describe("wide and high; A2 where it does not say"),
  coats: z.int().min(1).max(10).optional().describe("two, or the finish's own, where it does not say"),
  grade: z.enum(["tin", "sample"]).default("tin").describe("the tin's own paint, or a sample pot's"),
});

export type BoardAsked = z.infer<typeof boardSchema>;
