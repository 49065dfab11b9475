import { partitionSurface, type Piece } from "../../pattern/partition";
import type { Pattern, SetOutLine } from "../../pattern/pattern";
import type { Surface } from "../../wall/surface";
import type { FinishContext } from "../defineFinish";
import { layOutStripes, lineAt, type StripeLayout } from "./layout";
import type { StripesSpec } from "./spec";

/** Cuts the surface into its stripes and says which lines set them out. */
export function patternStripes(spec: StripesSpec, surface: Surface, context: FinishContext): Pattern {
  const layout = layOutStripes(spec, surface, context);
  const prefix = `${surface.wall.id}/${spec.id}`;
  const lines = stripeLines(layout, surface, prefix);
  const { frame, divided } = layout;
  const starts = divided.divisions.map((division) => division.from + frame.start);
  const pieces = divided.divisions.map((division, index): Piece => ({
    key: `stripe-${index + 1}`,
    name: `stripe ${index + 1}`,
    colour: spec.colours[division.colour]!,
  }));
  const partition = partitionSurface(
    surface,
    lines.map((line) => ({ curve: line.path, source: line.id })),
    prefix,
    (point) => pieces[lastAtOrBefore(starts, frame.normal.x * point.x + frame.normal.y * point.y)]!,
  );
  return { ...partition, lines, findings: [] };
}

/** One line for each boundary, in order; those that only touch a corner of the wall are left out. */
export function stripeLines(
  { frame, divided }: StripeLayout,
  surface: Surface,
  prefix: string,
): SetOutLine[] {
  const kind = frame.normal.y === 0 ? "plumb" : frame.normal.x === 0 ? "level" : "slant";
  return divided.divisions.slice(1).flatMap((division, index) => {
    const path = lineAt(frame, division.from, surface.extent);
    if (!path) return [];
    const use = `stripe ${index + 1} | stripe ${index + 2}`;
    return [{ id: `${prefix}/line-${index + 1}`, kind, path, use } as const];
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
