/** How fresh and faded prints lie among each other. */
export interface Mixing {
  /** From -1, every neighbour the opposite, over 0, as chance has it, to 1, all alike stand together. */
  readonly correlation: number;
  /** What a random arrangement comes to on the average: -1 / (n - 1). */
  readonly random: number;
  readonly verdict: "mixed" | "as by chance" | "bunched";
}

/** So far from chance neighbours are neither mixed nor bunched. */
const byChance = 0.1;

/**
 * The correlation of neighbours' values over a graph, each pair counted once (Moran, 1950):
 * I = (n / pairs) x sum of (a - mean)(b - mean) over pairs / sum of (a - mean)^2.
 */
export function mixingOf(values: readonly number[], beside: readonly (readonly number[])[]): Mixing {
  const n = values.length;
  const mean = values.reduce((sum, value) => sum + value, 0) / Math.max(1, n);
  const off = values.map((value) => value - mean);
  const spread = off.reduce((sum, value) => sum + value * value, 0);
  let [pairs, product] = [0, 0];
  beside.forEach((others, index) => {
    for (const other of others)
      if (other > index) {
        pairs++;
        product += off[index]! * off[other]!;
      }
  });
  const correlation = pairs === 0 || spread === 0 ? 0 : (n / pairs) * (product / spread);
  const random = n < 2 ? 0 : -1 / (n - 1);
  const over = correlation - random;
  return {
    correlation,
    random,
    verdict: over > byChance ? "bunched" : over < -byChance ? "mixed" : "as by chance",
  };
}
