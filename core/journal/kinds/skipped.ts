import * as z from "zod";
import { defineKind, ofWork, sayWork } from "../defineKind";
import { workList, freeText } from "../limits";

/** Work is left out: nothing waits for it any more. */
export const skipped = defineKind({
  kind: "skipped",
  payload: z.object({ work: workList, why: freeText.default("") }),
  fold: (folding, { work, why }, told) =>
    ofWork(folding, work, (known) => ({ ...known, skipped: { ...told, why } })),
  say: ({ work, why }) => `Left out: ${sayWork(work)}${why && `, ${why}`}.`,
});
