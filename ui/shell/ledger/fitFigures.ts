import { textWidth } from "@/ui/parts/textWidth";
import type { Figure } from "./ledgerFigures";

const valuePx = 16;
const notePx = 13;
const changePx = 13;
/** A swatch with its gap, the room on both sides of an entry, and the button for those that are folded away. */
const swatchPx = 38;
const roomPx = 30;
const morePx = 104;

/** About how wide an entry is drawn, px. */
export function figureWidth({ value, note, change, swatch }: Figure): number {
  const first = textWidth(value, valuePx) * 1.06 + (change ? textWidth(change, changePx) + 8 : 0);
  return Math.max(first, textWidth(note, notePx)) + roomPx + (swatch ? swatchPx : 0);
}

/** How many figures from the first on stand side by side in a width whole; room is left to say how many more there are. */
export function countFitting(figures: readonly Figure[], widthPx: number): number {
  const widths = figures.map(figureWidth);
  if (widths.reduce((sum, width) => sum + width, 0) <= widthPx) return figures.length;
  let used = morePx;
  let count = 0;
  while (count < widths.length && used + widths[count]! <= widthPx) used += widths[count++]!;
  return count;
}
