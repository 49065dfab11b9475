import * as z from "zod";
import { defineKind, intoList, ofWork, sayWork } from "../defineKind";
import { freeText, idText, workList } from "../limits";

/** More at once are told by their number. */
const mostReadingsSaid = 6;

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
  say({ work, readings = {} }, speech) {
    const read = Object.values(readings);
    const walls = [...new Set(work.flatMap(({ wall }) => (wall === undefined ? [] : [speech.wall(wall)])))];
    if (read.length === 0) return `Ticked: ${sayWork(work)}.`;
    const what = read.length > mostReadingsSaid ? `${read.length} marks` : read.join(", ");
    return `Ticked on ${walls.join(", ")}: ${what}.`;
  },
});
