import * as z from "zod";
import { defineKind, ofWork, sayWork } from "../defineKind";
import { workList } from "../limits";

/** Work is done: what it left on the wall counts from then. Told again it was done all the same when it was told first. */
export const finished = defineKind({
  kind: "finished",
  payload: z.object({ work: workList }),
  fold: (folding, { work }, told) =>
    ofWork(folding, work, (known, { with: paint = known.with }) =>
      known.finished && !known.paused && known.with === paint
        ? known
        : { ...known, paused: undefined, finished: known.finished ?? told, with: paint },
    ),
  say: ({ work }) => `Done: ${sayWork(work)}.`,
});
