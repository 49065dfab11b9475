import { mlPerUnit, type VolumeSystem } from "../measure/units";
import { tintLoad, type Mix } from "./mix";

/** Something that went into a batch: so much of a paint, or of water. */
export interface Added {
  readonly paint?: string | undefined;
  readonly ml: number;
}

/** What is at hand to add with, the smallest first: its name and what it holds, ml. */
export const spoons: Readonly<
  Record<VolumeSystem, readonly { readonly name: string; readonly ml: number }[]>
> = {
  litres: [
    { name: "1 ml", ml: 1 },
    { name: "small spoon, 5 ml", ml: 5 },
    { name: "large spoon, 15 ml", ml: 15 },
    { name: "jug, 100 ml", ml: 100 },
  ],
  us: [
    { name: "1/32 fl oz", ml: mlPerUnit["fl oz"] / 32 },
    { name: "teaspoon, 1/6 fl oz", ml: mlPerUnit["fl oz"] / 6 },
    { name: "tablespoon, 1/2 fl oz", ml: mlPerUnit["fl oz"] / 2 },
    { name: "jug, 4 fl oz", ml: mlPerUnit["fl oz"] * 4 },
  ],
};

/** Sums are kept in millionths of a millilitre, so that a thousand spoons come to exactly what they hold. */
const perMl = 1e6;

/** What is in a batch by now, each paint and the water once, in the order in which they were first added; nothing is less than none. */
export function inBatch(additions: readonly Added[]): Added[] {
  const sums = new Map<string | undefined, number>();
  for (const { paint, ml } of additions) {
    const sum = (sums.get(paint) ?? 0) + Math.round(ml * perMl);
    sums.set(paint, Math.max(0, sum));
  }
  return [...sums]
    .filter(([, sum]) => sum > 0)
    .map(([paint, sum]) => ({ ...(paint !== undefined && { paint }), ml: sum / perMl }));
}

/** The log of a batch as a recipe: parts are what went in, ml. Null where nothing but water did. */
export function recipeOf(additions: readonly Added[]): Mix["parts"] | null {
  const all = inBatch(additions);
  if (!all.some(({ paint }) => paint !== undefined)) return null;
  return all.map(({ paint, ml }) =>
    paint === undefined ? { water: true as const, parts: ml } : { paint, parts: ml },
  );
}

/** ml of the tint by litre of its base after each addition, null while there is no base in it; nothing for a mix without a limit. */
export function loadsAfter(
  mix: Pick<Mix, "limit"> & Mix,
  additions: readonly Added[],
  mixOf: (paint: string) => Mix | undefined,
): (number | null)[] {
  if (!mix.limit) return [];
  return additions.map((_, place) =>
    tintLoad(
      mix,
      inBatch(additions.slice(0, place + 1)).map(({ paint = null, ml }) => ({ paint, ml })),
      mixOf,
    ),
  );
}
