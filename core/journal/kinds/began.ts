import * as z from "zod";
import { defineKind, ofWork, sayWork } from "../defineKind";
import { workList } from "../limits";

/** Work was begun; once begun it stays so until it is to be done again. */
export const began = defineKind({
  kind: "began",
  payload: z.object({ work: workList }),
  fold: (folding, { work }, told) =>
    ofWork(folding, work, (known) => ({
      ...known,
      paused: undefined,
      began: known.began ?? told,
    })),
  say: ({ work }) => `Began: ${sayWork(work)}.`,
});
