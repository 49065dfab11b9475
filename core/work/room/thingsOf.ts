import type { Wall } from "../../wall/schema";

type Kind = Wall["fixtures"][number]["kind"];

/** What of some kinds stands or hangs on a wall. */
export const thingsOf = (wall: Wall, ...kinds: Kind[]): Wall["fixtures"] =>
  wall.fixtures.filter(({ kind }) => kinds.includes(kind));

/** The ids of what of some kinds is on a wall, as it is named in the whole job; nothing where there are none. */
export const idsOfThings = (wall: Wall, ...kinds: Kind[]): (readonly string[])[] => {
  const things = thingsOf(wall, ...kinds);
  return things.length === 0 ? [] : [things.map(({ id }) => `${wall.id}/${id}`)];
};

/** What is taken off a wall, and what stays and is masked. */
export interface Things {
  readonly plates: number;
  readonly shelves: number;
  readonly masked: number;
}

export const countThings = (wall: Wall): Things => ({
  plates: thingsOf(wall, "plate").length,
  shelves: thingsOf(wall, "shelf").length,
  masked: thingsOf(wall, "radiator", "pipe").length,
});
