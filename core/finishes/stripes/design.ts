import { lineBetween, type Design, type Piece, type SetOutLine } from "../../pattern/pattern";
import { lineAt } from "./frame";
import type { StripeLayout } from "./layout";

/** Which lines divide the strip into its stripes, and which stripe a place belongs to. */
export function designStripes(layout: StripeLayout): Design[] {
  const { spec, frame, divided } = layout;
  const lines = stripeLines(layout);
  const starts = divided.divisions.map((division) => division.from + frame.start);
  const pieces = divided.divisions.map((division, index): Piece => ({
    key: `stripe-${index + 1}`,
    name: `stripe ${index + 1}`,
    noun: "stripe",
    numbers: [index + 1],
    colour: spec.colours[division.colour]!,
  }));
  const design: Design = {
    lines,
    dividers: lines.map((line) => ({ curve: line.path, source: line.id })),
    pieceAt: ({ x, y }) => pieces[lastAtOrBefore(starts, frame.normal.x * x + frame.normal.y * y)]!,
  };
  return [design];
}

/** One line for each boundary, in order; those that only touch a corner of the wall are left out. */
function stripeLines({ frame, divided, strip }: StripeLayout): SetOutLine[] {
  const kind = frame.normal.y === 0 ? "plumb" : frame.normal.x === 0 ? "level" : "slant";
  return divided.divisions.slice(1).flatMap((division, index) => {
    const path = lineAt(frame, division.from, strip.extent);
    if (!path) return [];
    const called = lineBetween(`stripe ${index + 1}`, `stripe ${index + 2}`);
    return [{ id: `line-${index + 1}`, index, kind, path, ...called } as const];
  });
}

/** Index of the last start that is not beyond the value; starts ascend. */
function lastAtOrBefore(starts: readonly number[], value: number): number {
  let low = 0;
  let high = starts.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (starts[middle]! <= value) low = middle;
    else high = middle - 1;
  }
  return low;
}
