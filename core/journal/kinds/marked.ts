import * as z from "zod";
import { defineKind, intoList, ofWork, sayWork } from "../defineKind";
import { freeText, idText, workList } from "../limits";

/** Readings were ticked: those marks are made, where the tape read so. */
export const marked = defineKind({
  kind: "marked",
  payload: z.object({
    work: workList,
    /** By the marks' ids: one that reads otherwise since is not made any more. */
    readings: z.record(idText, freeText).optional(),
  }),
  fold: (folding, payload, told) => {
    if (payload.readings) intoList(folding, "marked", payload, told);
    ofWork(folding, payload.work, (known) => ({
      ...known,
      began: known.began ?? told,
      finished: known.finished ?? told,
    }));
  },
  say: ({ work }) => `Ticked: ${sayWork(work)}.`,
});
