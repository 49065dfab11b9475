/** How much two texts have in common, 0 to 1: twice their shared pairs of letters by all pairs (Dice's coefficient). */
function alike(a: string, b: string): number {
  const pairsOf = (text: string) =>
    Array.from({ length: Math.max(0, text.length - 1) }, (_, at) => text.slice(at, at + 2));
  const [own, other] = [pairsOf(a), pairsOf(b)];
  const left = [...other];
  const shared = own.filter((pair) => {
    const at = left.indexOf(pair);
    if (at >= 0) left.splice(at, 1);
    return at >= 0;
  }).length;
  return own.length + other.length === 0 ? 0 : (2 * shared) / (own.length + other.length);
}

const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, "-");

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The few whose id or name is nearest to what was looked for, the nearest first. */
export function nearestNames<Of extends Named>(sought: string, all: readonly Of[], most = 5): Of[] {
  const key = plain(sought);
  return all
    .map((one) => ({ one, near: Math.max(alike(key, plain(one.id)), alike(key, plain(one.name))) }))
    .sort((a, b) => b.near - a.near)
    .slice(0, most)
    .map(({ one }) => one);
}
