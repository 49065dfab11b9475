import type { Box } from "../../geometry/curve";
import { groupBy } from "../../geometry/groupBy";
import type { Placement } from "../../pattern/placement";
import type { Stretch } from "../step";

/** What is done whole before a night: columns of a field, from the left or to either side of the first, or repeats along a way. */
export type PrintedBy = "column" | "outwards" | "repeat";

/**
 * Prints in their turn, by whole columns or repeats: a stretch ends where all of them up to it are done. Where its last one has
 * its middle is told only if that lies between the wall's ends: nobody reads a tape beyond them.
 */
export function stretchesInTurn(
  { minX, maxX }: Pick<Box, "minX" | "maxX">,
  prints: readonly Placement[],
  minutes: readonly number[],
  by: PrintedBy,
): Stretch[] {
  const placeOf = by === "repeat" ? alongTheWay : by === "outwards" ? outwards(prints) : columnOf;
  const isWhole = areWhole(prints, placeOf);
  const stretches: Stretch[] = [];
  let from = 0;
  prints.forEach((_, place) => {
    if (!isWhole[place]) return;
    const own = prints.slice(from, place + 1);
    const took = minutes.slice(from, place + 1).reduce((sum, each) => sum + each, 0);
    if (from === 0 && took < leastBegunMin && place < prints.length - 1) return;
    const furthest = own.reduce((far, each) => (placeOf(each) > placeOf(far) ? each : far));
    const { column, row, at } = furthest;
    const reading = at.x >= minX && at.x <= maxX ? at.x : null;
    stretches.push({
      ids: [[from, place + 1]],
      minutes: took,
      until: { column, row, at: reading },
    });
    from = place + 1;
  });
  return stretches;
}

/** For less nobody takes out sheets, paint and paper before the day's end. */
const leastBegunMin = 15;

/** By its leg, and its place on it. */
const alongTheWay = ({ column, row }: Placement): number => row * manyPrints + column;
/** More than one leg has. */
const manyPrints = 1e6;

const columnOf = ({ column }: Placement): number => column;

/** Columns to the right of the first print's, and then those to its left. */
function outwards(prints: readonly Placement[]): (print: Placement) => number {
  const first = prints[0]?.column ?? 0;
  const last = prints.reduce((most, { column }) => Math.max(most, column), first);
  return ({ column }) => (column >= first ? column - first : last - column);
}

/** After which prints no place is left out among those before it; a motif of corners has places of its own. */
function areWhole(prints: readonly Placement[], placeOf: (print: Placement) => number): boolean[] {
  const motifs = new Map(
    [...groupBy(prints, ({ motif }) => motif)].map(([motif, own]) => {
      const upTo = new Map(
        own
          .map(placeOf)
          .sort((a, b) => a - b)
          .map((place, index) => [place, index + 1] as const),
      );
      return [motif, { upTo, done: 0, furthest: -Infinity, isWhole: true }];
    }),
  );
  return prints.map((print) => {
    const own = motifs.get(print.motif)!;
    own.done += 1;
    own.furthest = Math.max(own.furthest, placeOf(print));
    own.isWhole = own.done === own.upTo.get(own.furthest);
    return [...motifs.values()].every(({ isWhole }) => isWhole);
  });
}

/** Whether a place is left out and come back for, as its neighbours are wet. */
export function goesBack(prints: readonly Placement[], by: PrintedBy): boolean {
  const placeOf = by === "repeat" ? alongTheWay : ({ row }: Placement) => row;
  const ways = groupBy(prints, ({ motif, overlay, column }) =>
    by !== "repeat" ? `${motif} ${overlay} ${column}` : `${motif} ${overlay}`,
  );
  return [...ways.values()].some((own) =>
    own.some((print, index) => index > 0 && placeOf(print) < placeOf(own[index - 1]!)),
  );
}
