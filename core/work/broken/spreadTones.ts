import { createSequence } from "../../trade/randomSequence";

export const tones = ["thin", "usual", "full"] as const;
export type Tone = (typeof tones)[number];
/** No three boards that follow each other are alike. */
const mostAlike = 2;

/** A tone for each board, seeded, never three alike in a row. */
export function spreadTones(boards: number, seed: number): Tone[] {
  const random = createSequence(seed);
  const spread: Tone[] = [];
  for (let board = 0; board < boards; board++) {
    const last = spread.slice(-mostAlike);
    const isSame = last.length === mostAlike && last.every((tone) => tone === last[0]);
    const choices = tones.filter((tone) => !isSame || tone !== last[0]);
    spread.push(choices[Math.min(choices.length - 1, Math.floor(random() * choices.length))]!);
  }
  return spread;
}
