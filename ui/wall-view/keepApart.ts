import { textWidth } from "@/ui/parts/textWidth";

/** A text that would stand on the wall: its middle and base line in px, and what it may say, the fullest first. */
export interface Wanted {
  readonly id: string;
  readonly texts: readonly string[];
  readonly x: number;
  readonly y: number;
  readonly size: number;
}

export interface Label extends Omit<Wanted, "texts"> {
  readonly text: string;
}

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly foot: number;
}

/** What a text's plate takes up; see `PlateText`. */
function plateOf({ text, x, y, size }: Label): Box {
  const half = textWidth(text, size) / 2 + size * 0.4;
  return { left: x - half, right: x + half, top: y - size * 1.05, foot: y + size * 0.4 };
}

const isOver = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.foot && b.top < a.foot;

/** The texts such that no plate lies over another: the first ones first, each as full as there is room for, or left out. */
export function keepApart(wanted: readonly Wanted[]): Label[] {
  const taken: Box[] = [];
  return wanted.flatMap(({ texts, ...place }) => {
    for (const text of texts) {
      const label = { ...place, text };
      const plate = plateOf(label);
      if (taken.some((other) => isOver(plate, other))) continue;
      taken.push(plate);
      return [label];
    }
    return [];
  });
}
