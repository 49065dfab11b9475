import * as z from "zod";
import { idSchema, volumeSchema } from "../measure/schema";
import { mlPerUnit, type VolumeSystem } from "../measure/units";
import { formatReading } from "../measure/formatReading";

const parts = z.number().gt(0).max(1e6);

/** How a paint is made that is not bought: parts of others and of water, and how much tint its base takes by its label. */
export const mixSchema = z.strictObject({
  parts: z
    .array(
      z.union(
        [z.strictObject({ paint: idSchema, parts }), z.strictObject({ water: z.literal(true), parts })],
        {
          error: 'expected { "paint": "shell", "parts": 8 } or { "water": true, "parts": 1 }',
        },
      ),
    )
    .min(1)
    .max(20),
  limit: z
    .strictObject({ of: idSchema, in: idSchema, ml_per_l: z.number().gt(0).max(1e5) })
    .optional()
    .describe("ml of a tint that a litre of its base takes at most, by the label"),
  container: volumeSchema({ min: 10, max: 1e6 })
    .default(5000)
    .describe("what it is mixed in; filled to 85 %, so that it can be stirred"),
});

export type Mix = z.infer<typeof mixSchema>;
type MixPart = Mix["parts"][number];

/** A container is filled so far, so that it can be stirred to the bottom. */
export const filledShare = 0.85;
/** What is measured to: 5 ml, or an eighth of a fluid ounce; small amounts to 1 ml, or a thirty-second. */
export const measureMl = { litres: 5, us: mlPerUnit["fl oz"] / 8 } as const;
const smallMeasureMl = { litres: 1, us: mlPerUnit["fl oz"] / 32 } as const;
const smallUnderMl = 50;

const measured = (ml: number, volumes: VolumeSystem): number => {
  const step = (ml < smallUnderMl ? smallMeasureMl : measureMl)[volumes];
  return Math.max(1, Math.round(ml / step)) * step;
};

/** What of a part goes into one batch. */
export interface Measured {
  /** Null for water. */
  readonly paint: string | null;
  readonly ml: number;
}

/** A mix as it is made. */
export interface Batches {
  readonly makeMl: number;
  readonly count: number;
  readonly each: readonly Measured[];
}

const paintOf = (part: MixPart): string | null => ("paint" in part ? part.paint : null);
const totalOf = (mix: Mix): number => mix.parts.reduce((sum, part) => sum + part.parts, 0);

/** How much of each paint so many ml of a mix take, before anything is rounded; water comes from the tap. */
export function componentsOf(mix: Mix, makeMl: number): Map<string, number> {
  const total = totalOf(mix);
  const amounts = new Map<string, number>();
  for (const part of mix.parts) {
    const paint = paintOf(part);
    if (paint !== null) amounts.set(paint, (amounts.get(paint) ?? 0) + (makeMl * part.parts) / total);
  }
  return amounts;
}

/**
 * So many ml made in as few equal batches as the container allows, each part rounded to what is measured, never to nothing:
 * n = ceil(need / (container x 0.85)).
 */
export function batchesOf(mix: Mix, makeMl: number, volumes: VolumeSystem): Batches {
  const count = makeMl === 0 ? 0 : Math.ceil(makeMl / (mix.container * filledShare) - 1e-9);
  const total = totalOf(mix);
  const each = mix.parts.map((part): Measured => ({
    paint: paintOf(part),
    ml: measured((makeMl * part.parts) / total / Math.max(1, count), volumes),
  }));
  return { makeMl, count, each: count === 0 ? [] : each };
}

/** So far a part may be off its recipe, as it is measured, before that is told. */
const mostOff = 0.02;

/** The part that is furthest off its share of the recipe, as measured, where that is more than passes; null where none is. */
export function furthestOff(
  mix: Mix,
  each: readonly Measured[],
): { readonly paint: string | null; readonly off: number } | null {
  const made = each.reduce((sum, { ml }) => sum + ml, 0);
  const total = totalOf(mix);
  const offs = each.map(({ paint, ml }, place) => {
    // Against all the others, as a recipe is read: so many to a litre.
    const asked = mix.parts[place]!.parts / Math.max(1e-9, total - mix.parts[place]!.parts);
    const got = ml / Math.max(1e-9, made - ml);
    return { paint, off: got / asked - 1 };
  });
  const worst = offs.reduce<(typeof offs)[number] | null>(
    (a, b) => (a && Math.abs(a.off) >= Math.abs(b.off) ? a : b),
    null,
  );
  return worst && Math.abs(worst.off) > mostOff && each.length > 1 ? worst : null;
}

/** ml of the tint by litre of its base in what was measured; mixes among the parts count by what they are made of. */
export function tintLoad(
  { limit }: Mix,
  each: readonly Measured[],
  mixOf: (paint: string) => Mix | undefined,
): number | null {
  if (!limit) return null;
  const held = new Map<string, number>();
  const add = (paint: string, ml: number) => {
    held.set(paint, (held.get(paint) ?? 0) + ml);
    const inner = mixOf(paint);
    if (inner && paint !== limit.of && paint !== limit.in)
      for (const [component, amount] of componentsOf(inner, ml)) add(component, amount);
  };
  for (const { paint, ml } of each) if (paint !== null) add(paint, ml);
  const base = held.get(limit.in) ?? 0;
  return base === 0 ? null : ((held.get(limit.of) ?? 0) / base) * 1000;
}

/** An amount as it is read off a measuring jug: `770 ml`, `26 1/8 fl oz`. */
export function formatMeasure(ml: number, volumes: VolumeSystem): string {
  if (volumes === "litres") return `${Math.round(ml)} ml`;
  // Eighths are read like those of an inch.
  return `${formatReading((ml / mlPerUnit["fl oz"]) * 25.4, "imperial").replace('"', "")} fl oz`;
}

/** The paints in an order in which each comes before what it is made of; a mix of itself, by any way round, is named. */
export function inOrderOfMaking<Paint extends { readonly id: string; readonly mix?: Mix | undefined }>(
  paints: readonly Paint[],
): { readonly order: readonly Paint[]; readonly circle: string | null } {
  const byId = new Map(paints.map((paint) => [paint.id, paint]));
  const done = new Set<string>();
  const open = new Set<string>();
  const order: Paint[] = [];
  let circle: string | null = null;
  const visit = (paint: Paint) => {
    if (done.has(paint.id)) return;
    if (open.has(paint.id)) {
      circle ??= paint.id;
      return;
    }
    open.add(paint.id);
    for (const part of paint.mix?.parts ?? []) {
      const other = paintOf(part);
      const component = other === null ? undefined : byId.get(other);
      if (component) visit(component);
    }
    done.add(paint.id);
    order.push(paint);
  };
  for (const paint of paints) visit(paint);
  return { order: order.reverse(), circle };
}
