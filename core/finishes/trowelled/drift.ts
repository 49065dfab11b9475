import { tonesOf, type SeenSection, type TrowelledSpec } from "./spec";

/** What of a section's area is a tone's, or bare. */
type Part = "bare" | { readonly paint: string };

/** More of something is named when it takes about a tenth of the area more: less is not told apart in ragged marks. */
export const namedShare = 0.1;
/** Sections beside each other may differ by half of that without their join being found. */
const stepShare = namedShare / 2;
/** From here on the whole is another than the sample. */
const shownShare = namedShare / 4;

interface Planned {
  readonly part: Part;
  readonly share: number;
}

export interface Drift {
  readonly part: Part;
  /** Of all sections laid so far, and what was planned. */
  readonly laid: number;
  readonly planned: number;
  /** What the next section is laid with, and after how many the whole is as planned again; null where none was to be there. */
  readonly next: number;
  readonly sections: number | null;
}

/** The part of which so much more is laid that the whole is another; null while it is within what nobody sees. Sections count alike. */
export function driftOf(spec: TrowelledSpec): Drift | null {
  const seen = spec.seen ?? [];
  if (seen.length === 0) return null;
  const parts = partsOf(spec);
  const drifts = parts.map(({ part, share: planned }) => {
    const shares = seen.map((section) => shareSeen(section, part, parts));
    const laid = shares.reduce((sum, share) => sum + share, 0) / shares.length;
    return { part, planned, laid, last: shares.at(-1)! };
  });
  const most = drifts.reduce((a, b) => (b.laid - b.planned > a.laid - a.planned ? b : a));
  const { part, planned, laid, last } = most;
  if (laid - planned < shownShare) return null;
  return { part, planned, laid, ...wayBack(seen.length * (laid - planned), planned, last) };
}

function partsOf(spec: TrowelledSpec): Planned[] {
  const tones = new Map<string, number>();
  for (const { paint, share } of tonesOf(spec)) tones.set(paint, (tones.get(paint) ?? 0) + share);
  return [
    ...[...tones].map(([paint, share]) => ({ part: { paint }, share })),
    { part: "bare", share: spec.bare },
  ];
}

const isSame = (a: Part, b: Part): boolean => (a === "bare" || b === "bare" ? a === b : a.paint === b.paint);

/** A tenth more of what is named; the others make room for it by their shares. */
function shareSeen({ more }: SeenSection, part: Part, parts: readonly Planned[]): number {
  const planned = parts.find((own) => isSame(own.part, part))!.share;
  const named = more && parts.find((own) => isSame(own.part, more));
  if (!named) return planned;
  const grown = Math.min(1, named.share + namedShare);
  if (isSame(named.part, part)) return grown;
  return named.share < 1 ? (planned * (1 - grown)) / (1 - named.share) : 0;
}

/** Down from the last section in steps that no join shows, and then a step under what was planned, until it evens out. */
function wayBack(excess: number, planned: number, last: number): Pick<Drift, "next" | "sections"> {
  const least = Math.max(0, planned - stepShare);
  const next = Math.max(least, last - stepShare);
  if (least === planned) return { next, sections: null };
  let [left, share, sections] = [excess, last, 0];
  while (left > 1e-9) {
    share = Math.max(least, share - stepShare);
    left += share - planned;
    sections++;
  }
  return { next, sections };
}

/** How the last sections were laid, where it was the same twice: once is chance. */
export function habitOf({ seen = [] }: TrowelledSpec): "heavier" | "lighter" | "one-way" | null {
  const [before, last] = seen.slice(-2);
  if (!before || !last) return null;
  if (last.hand !== undefined && last.hand === before.hand) return last.hand;
  return last.strokes !== undefined && last.strokes === before.strokes ? last.strokes : null;
}
