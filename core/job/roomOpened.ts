import type { Happened } from "../journal/happened";
import type { PlanWall } from "../plan/planTypes";
import type { Anew } from "../rounds/listPasses";
import type { Act } from "../work/act";
import { keysOf, readKey } from "../work/keys";
import { workOfMend, type Mend } from "../work/mend/mendSteps";
import { nextTimeOf } from "./coatsAnew";
import { leavesPaint } from "./paintedOtherwise";

const roomKey = (act: Act): string => keysOf([{ act, of: "room", ids: ["room"] }])[0]!;
const [clear, cover, putBack] = [roomKey("clear"), roomKey("cover"), roomKey("put-back")];

/**
 * A room that was put back while paint is yet to be put on, or once more, is cleared and covered once more before that, and put back
 * after it: each time that it was.
 */
export function withRoomOpened(happened: Happened, isPaintOpen: boolean): Happened {
  const work = new Map(happened.work);
  let [opening, covering, putting] = [clear, cover, putBack];
  for (let back = work.get(putting)?.finished; back; back = work.get(putting)?.finished) {
    const next = nextTimeOf(covering);
    if (!isPaintOpen && !work.has(next)) break;
    for (const key of [opening, covering, putting])
      work.set(key, { finished: back, ...work.get(key), again: back });
    [opening, covering, putting] = [nextTimeOf(opening), next, nextTimeOf(putting)];
  }
  return { ...happened, work };
}

/** Whether paint that was put on is to be put on once more. */
export const isPaintAgain = ({ work }: Pick<Happened, "work">): boolean =>
  [...work].some(
    ([key, { again }]) =>
      again !== undefined && leavesPaint.has(readKey(key).act) && !work.get(nextTimeOf(key))?.finished,
  );

/** Whether anything of a remedy is left to do. */
export const isMendOpen = (mends: readonly Mend[], { work }: Pick<Happened, "work">): boolean =>
  mends.some((mend) =>
    keysOf(workOfMend(mend)).some((key) => !work.get(key)?.finished && !work.get(key)?.skipped),
  );

/** Whether any coat that goes on anew is not on yet. */
export const isAnewOpen = (
  anew: readonly Anew[],
  walls: readonly PlanWall[],
  { work }: Pick<Happened, "work">,
): boolean =>
  anew.some(({ paint, walls: on, regions, coats, pass }) =>
    walls
      .filter(({ id }) => on.includes(id))
      .some((wall) => {
        const ids = wall.regions.filter((one) => one.colour === paint && (regions?.includes(one.id) ?? true));
        const keys = coats.flatMap((coat) =>
          keysOf([{ act: "coat", wall: wall.id, of: "region", ids: ids.map(({ id }) => id), pass, coat }]),
        );
        return keys.some((key) => !work.get(key)?.finished && !work.get(key)?.skipped);
      }),
  );
