import type { Wall } from "../../wall/schema";

type Kind = Wall["fixtures"][number]["kind"];

/** What of some kinds stands or hangs on a wall. */
export const thingsOf = (wall: Wall, ...kinds: Kind[]): Wall["fixtures"] =>
  wall.fixtures.filter(({ kind }) => kinds.includes(kind));
