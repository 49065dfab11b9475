import * as z from "zod";
import { areaSchema, idSchema } from "../../measure/schema";
import { overSchema, seedSchema } from "../brokenColour";
import { finishEnvelope } from "../envelope";

/** How a section looks from the distance when it is laid; with nothing named, as it was planned. */
const seenSchema = z.strictObject({
  more: z
    .union([z.literal("bare"), z.strictObject({ paint: idSchema })])
    .optional()
    .describe("of what there is visibly more than planned: a tone, or ground left bare"),
  hand: z.enum(["heavier", "lighter"]).optional(),
  strokes: z.enum(["one-way"]).optional(),
});

export type SeenSection = z.infer<typeof seenSchema>;

/** Less is a touch of the spreader, more nobody keeps wet; m2. */
export const sectionRange = { min: 0.05, max: 20 } as const;

/** Trowelled metallic: tones laid on with a spreader in sections that are joined wet, some of the ground left bare. */
export const trowelledSpec = z.strictObject({
  ...finishEnvelope("trowelled"),
  tones: z
    .array(z.strictObject({ paint: idSchema, share: z.number().gt(0).max(1000) }))
    .min(1)
    .max(6),
  bare: z.number().min(0).max(0.9).default(0.1).describe("share of the ground that stays bare"),
  edge: idSchema.optional().describe("the tone of corners and top edge; the largest share's by itself"),
  section_m2: areaSchema(sectionRange).default(0.5),
  seen: z.array(seenSchema).max(2000).optional().describe("each section that is laid, in their order"),
  over: overSchema,
  seed: seedSchema,
});

export type TrowelledSpec = z.infer<typeof trowelledSpec>;

/** What of the wall each tone takes: what is not bare, by the shares. */
export function tonesOf({
  tones,
  bare,
}: Pick<TrowelledSpec, "tones" | "bare">): { paint: string; share: number }[] {
  const sum = tones.reduce((total, { share }) => total + share, 0);
  return tones.map(({ paint, share }) => ({ paint, share: ((1 - bare) * share) / sum }));
}

/** The tone with the largest share. */
export const mainTone = ({ tones }: Pick<TrowelledSpec, "tones">): string =>
  tones.reduce((most, tone) => (tone.share > most.share ? tone : most)).paint;

export const edgeTone = (spec: TrowelledSpec): string => spec.edge ?? mainTone(spec);
