import * as z from "zod";
import { defineKind, ofWork, sayWork } from "../defineKind";
import { workList } from "../limits";

/** Work was laid down before it was done. */
export const paused = defineKind({
  kind: "paused",
  payload: z.object({ work: workList }),
  fold: (folding, { work }, told) => ofWork(folding, work, (known) => ({ ...known, paused: told })),
  say: ({ work }) => `Laid down: ${sayWork(work)}.`,
});
