import { distance } from "fastest-levenshtein";

const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, "-");

interface Named {
  readonly id: string;
  readonly name: string;
}

/** The few whose id or name takes the fewest changed letters from what was looked for, the nearest first. */
export function nearestNames<Of extends Named>(sought: string, all: readonly Of[], most = 5): Of[] {
  const key = plain(sought);
  return all
    .map((one) => ({ one, far: Math.min(distance(key, plain(one.id)), distance(key, plain(one.name))) }))
    .sort((a, b) => a.far - b.far)
    .slice(0, most)
    .map(({ one }) => one);
}
