import type { WorkInput } from "../workInput";

/**
 * Whole coats of a colour share their tools with its first round, so that they are washed once, after the last wall that
 * uses them; a colour that has no round has a session of its own.
 */
export const firstSession = (paint: string, { walls, rounds }: WorkInput): string => {
  const isIn = (group: number) =>
    walls.some(({ regions }) => regions.some((region) => region.group === group && region.colour === paint));
  const first = rounds.find((round) => round.paints.has(paint) && isIn(round.group));
  return first ? String(first.round) : "0";
};
