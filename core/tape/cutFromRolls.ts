import { tapeOverlapMm, tapePieceMm, tapeTailMm } from "../trade/constants";

/**
 * The pulls in which a line of a length in mm is laid: as many of 900 mm as are needed to reach its end with laps of 25 mm,
 * the last one shorter; a tail to peel by at both ends. n pulls reach n x 900 - (n - 1) x 25.
 */
export function pullsOfLine(lengthMm: number): number[] {
  const step = tapePieceMm - tapeOverlapMm;
  const count = Math.max(1, Math.ceil((lengthMm - tapeOverlapMm) / step));
  const pulls = Array.from({ length: count }, (_, index) =>
    index < count - 1 ? tapePieceMm : lengthMm - index * step,
  );
  pulls[0]! += tapeTailMm;
  pulls[count - 1]! += tapeTailMm;
  return pulls;
}

/**
 * How many rolls pulls are cut from, and what is left over at the ends of rolls: the longest first, each from the first
 * roll that still has it (first-fit decreasing, never over 11/9 of the least number of rolls and two thirds of one).
 */
export function cutFromRolls(pulls: readonly number[], rollMm: number): { rolls: number; offcutMm: number } {
  const room: number[] = [];
  const sorted = [...pulls].sort((a, b) => b - a);
  const shortest = sorted.at(-1) ?? 0;
  // Rolls before this one have less left than any pull needs.
  let open = 0;
  let laid = 0;
  let roll = 0;
  let before = Infinity;
  for (const pull of sorted) {
    laid += pull;
    // Rolls that had no room for one of this length have none for the next of it.
    if (pull < before) roll = open;
    before = pull;
    while (roll < room.length && room[roll]! < pull - 1e-6) roll++;
    if (roll === room.length) room.push(Math.max(rollMm, pull));
    room[roll]! -= pull;
    while (open < room.length && room[open]! < shortest - 1e-6) open++;
  }
  return { rolls: room.length, offcutMm: room.length * rollMm - laid };
}
