import type { Happened } from "../journal/happened";
import type { PlanWall } from "../plan/planTypes";
import { markKey, readingsTicked } from "./marksTicked";

/** What happened, without marks that were made at another reading than theirs is now: those are to be made anew. */
export function withMarksThatStand(happened: Happened, walls: readonly PlanWall[]): Happened {
  const readings = readingsTicked(happened);
  if (readings.size === 0) return happened;
  const gone = walls.flatMap(({ id, marks }) =>
    marks
      .filter((mark) => (readings.get(mark.id) ?? mark.reading) !== mark.reading)
      .map((mark) => markKey(id, mark)),
  );
  if (gone.length === 0) return happened;
  const work = new Map(happened.work);
  for (const key of gone) {
    const { finished, began } = work.get(key) ?? {};
    const told = finished ?? began;
    if (told) work.set(key, { finished: told, again: told });
  }
  return { ...happened, work };
}
