import * as z from "zod";
import { defineKind, ofWork, sayWork } from "../defineKind";
import { workList } from "../limits";

/** Readings were ticked: those marks are made. */
export const marked = defineKind({
  kind: "marked",
  payload: z.object({ work: workList }),
  fold: (folding, { work }, told) =>
    ofWork(folding, work, (known) => ({
      ...known,
      began: known.began ?? told,
      finished: known.finished ?? told,
    })),
  say: ({ work }) => `Ticked: ${sayWork(work)}.`,
});
