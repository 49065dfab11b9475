import type { StencilSheet } from "./cutSheet";

/** A notch takes so much, and so much of plastic is left around it, mm. */
const notchMm = 6;
const leftAroundMm = 4;

/**
 * Three marks in the margin of the plastic, to lay overlays by: two on a level through the lower quarter, as far apart as the
 * plastic allows, since a slip at marks that are near each other turns the sheet, and a third over the left one, so that it
 * cannot be laid turned. None where no margin is wide enough.
 */
export function proposeRegisters({
  plastic,
  cuts,
}: Pick<StencilSheet, "plastic" | "cuts">): [number, number][] {
  const besides = [middleOf(plastic.minX, cuts.minX), middleOf(cuts.maxX, plastic.maxX)];
  const overAndUnder = [middleOf(plastic.minY, cuts.minY), middleOf(cuts.maxY, plastic.maxY)];
  const [left, right] = besides.every((at) => at !== null) ? besides : quarters(plastic.minX, plastic.maxX);
  const [low, up] = besides.every((at) => at !== null) ? quarters(plastic.minY, plastic.maxY) : overAndUnder;
  return left == null || right == null || low == null || up == null
    ? []
    : [
        [left, low],
        [right, low],
        [left, up],
      ];
}

const toHalf = (mm: number) => Math.round(mm * 2) / 2;

/** The middle of a margin; null for one that is too narrow. */
const middleOf = (from: number, to: number): number | null =>
  to - from >= notchMm + 2 * leftAroundMm ? toHalf((from + to) / 2) : null;

const quarters = (from: number, to: number): [number, number] => [
  toHalf(from + (to - from) / 4),
  toHalf(to - (to - from) / 4),
];
