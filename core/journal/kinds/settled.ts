import * as z from "zod";
import { defineKind, intoList } from "../defineKind";
import { idText } from "../limits";

const words = { leave: "left as it is", spread: "taken back", redo: "done again" } as const;

/** What is done about a pattern that drifts: it is left, taken back over the next steps, or so many of them are done again. */
export const settled = defineKind({
  kind: "settled",
  payload: z.object({
    finish: idText,
    axis: z.enum(["x", "y"]),
    choice: z.enum(Object.keys(words) as (keyof typeof words)[]),
    over: z.number().int().min(0).max(2000).default(0),
  }),
  fold: (folding, payload, told) => intoList(folding, "settled", payload, told),
  say: ({ finish, choice, over }, speech) =>
    `Drift of ${speech.finish(finish)}: ${words[choice]}${choice === "leave" ? "" : `, ${over} ${over === 1 ? "step" : "steps"}`}.`,
});
