import { groupBy } from "../geometry/groupBy";
import type { Finding, FindingValues } from "../findings/finding";
import type { Happened, Progress } from "../journal/happened";
import type { Plan } from "../plan/planTypes";
import { readKey } from "../work/keys";
import type { Job } from "./schema";

type What = FindingValues["covered-again"]["what"];

/**
 * What was printed, stamped or worked over a region before that was told to be painted once more: the new coat covers it where it lies on
 * it. Its own next time has to be told, since nobody but who stands there knows what of it is to come back.
 */
export function coveredAgain({ walls }: Plan, { finishes }: Job, work: Happened["work"]): Finding[] {
  // Hardly ever anything is told again, and this is asked at every moment.
  if (![...work.values()].some(({ again, finished }) => again && finished)) return [];
  const placeOf = new Map(finishes.map(({ id }, place) => [id, place]));
  const told = [...work].map(([key, progress]) => ({ ...readKey(key), ...progress }));
  const done = groupBy(told.filter(isDoneOver), ({ wall }) => wall);
  return walls.flatMap(({ id: wall, effects = [] }): Finding[] => {
    const coats = told.filter(
      (one) => one.wall === wall && one.act === "coat" && one.of === "region" && one.again && one.finished,
    );
    if (coats.length === 0) return [];
    const counts = new Map<What, number>();
    for (const { of, id, finished } of done.get(wall) ?? []) {
      const finish = id.split("/")[0]!;
      const isCovered = coats.some(({ id: region, again }) => {
        if (finished!.at.instant > again!.at.instant) return false;
        const over = effects.find((effect) => effect.finish === finish);
        return over
          ? over.regions.includes(region)
          : (placeOf.get(finish) ?? -1) > (placeOf.get(region.split("/")[1] ?? "") ?? -1);
      });
      if (isCovered) counts.set(what[of]!, (counts.get(what[of]!) ?? 0) + 1);
    }
    return [...counts].map(([what, pieces]): Finding => ({
      code: "covered-again",
      severity: "check",
      at: null,
      values: { wall, pieces, what },
    }));
  });
}

const what: Readonly<Record<string, What>> = { print: "prints", brick: "faces", section: "sections" };

/** What lies on paint, and is not told to be done once more itself. */
const isDoneOver = ({ act, of, finished, again }: ReturnType<typeof readKey> & Progress): boolean =>
  (act === "print" || act === "coat") && of in what && finished !== undefined && again === undefined;
