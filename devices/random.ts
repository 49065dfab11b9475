/** Numbers from 0 to under 1 that follow from a text: a multiplicative congruential sequence (Park and Miller). */
export function createRandom(seed: string): () => number {
  let state = 1;
  for (const letter of seed) state = (state * 31 + letter.codePointAt(0)!) % 2147483647;
  state = Math.max(1, state);
  const next = () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
  // The first few still show how alike two seeds are.
  for (let skipped = 0; skipped < 5; skipped++) next();
  return next;
}

/** About normally distributed with a mean of 0 and a deviation of 1: the sum of twelve even numbers, less six. */
export function normalFrom(random: () => number): number {
  return Array.from({ length: 12 }, random).reduce((sum, value) => sum + value, -6);
}
