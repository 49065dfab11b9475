/** A multiplicative congruential sequence of shares of one (Park and Miller, 1988), the same on every engine. */
export function createSequence(seed: number): () => number {
  let state = (seed % 2147483646) + 1;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

/** The items in a random order, all orders equally likely: each place from the last on swaps with a random earlier one. */
export function shuffled<Item>(items: readonly Item[], random: () => number): Item[] {
  const mixed = [...items];
  for (let index = mixed.length - 1; index > 0; index--) {
    const other = Math.floor(random() * (index + 1));
    [mixed[index], mixed[other]] = [mixed[other]!, mixed[index]!];
  }
  return mixed;
}
