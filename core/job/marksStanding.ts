import { toldOf } from "../journal/defineKind";
import type { Happened } from "../journal/happened";
import { marked } from "../journal/kinds/marked";
import type { PlanMark, PlanWall } from "../plan/planTypes";
import { keysOf } from "../work/keys";

/** The key of a mark's first making. */
export const markKey = (wall: string, { id }: Pick<PlanMark, "id">): string =>
  keysOf([{ act: "mark", wall, of: "mark", ids: [id] }])[0]!;

/** At what reading each mark was ticked last, by the marks' ids. */
export const readingsTicked = (happened: Happened): ReadonlyMap<string, string> =>
  new Map(toldOf(happened, marked).flatMap(({ readings = {} }) => Object.entries(readings)));

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
    if (told) work.set(key, { again: told });
  }
  return { ...happened, work };
}
