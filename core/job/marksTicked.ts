import type { Happened } from "../journal/happened";
import type { PlanMark } from "../plan/planTypes";
import { keysOf } from "../work/keys";

/** The key of a mark's first making. */
export const markKey = (wall: string, { id }: Pick<PlanMark, "id">): string =>
  keysOf([{ act: "mark", wall, of: "mark", ids: [id] }])[0]!;

/** At what reading each mark was ticked last, by the marks' ids. */
export function readingsTicked({ lists }: Happened): ReadonlyMap<string, string> {
  // By its name alone: pages that only show ticks need not know how entries are read.
  const told = (lists.get("marked") ?? []) as readonly {
    readonly readings?: Readonly<Record<string, string>>;
  }[];
  return new Map(told.flatMap(({ readings = {} }) => Object.entries(readings)));
}
