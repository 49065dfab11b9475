import * as z from "zod";
import { defineKind, ofWork, sayWork } from "../defineKind";
import { workList, freeText } from "../limits";

/** Work is to be done once more, whatever was done of it before. */
export const again = defineKind({
  kind: "again",
  payload: z.object({ work: workList, why: freeText.default("") }),
  fold: (folding, { work }, told) =>
    ofWork(folding, work, (known) => {
      const before = known.finished ?? known.before;
      return { again: told, ...(before && { before }) };
    }),
  say: ({ work, why }) => `To be done again: ${sayWork(work)}${why && `, ${why}`}.`,
});
