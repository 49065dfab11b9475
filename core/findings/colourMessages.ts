import type { FindingValues } from "./finding";
import type { Message } from "./message";
import { trimDecimals } from "../measure/formatReading";
import type { Speech } from "./speech";
import { capital } from "./capital";

/** What of a paint is agreed, as it is called. */
const agreedWords: Readonly<Record<string, string>> = {
  hex: "its colour",
  material: "what it is",
  sheen: "its sheen",
  coats: "its coats",
  recipe: "its recipe",
  tools: "what lays it on",
  batch: "its batch",
};

type Codes = "patch-stays" | "promise-broken" | "recipe-off" | "tint-over-limit";

/** What findings say of boards, of what was agreed, and of mixes. */
export const colourMessages: { [Code in Codes]: (values: FindingValues[Code], speech: Speech) => Message } = {
  "patch-stays": ({ board, wall }, speech) => ({
    say: `The patch ${board} goes on ${speech.wall(wall)}, whose base is not painted again: it shows where that is left as it is.`,
    remedy: "Paint a board and carry it about, or paint the base over the patch.",
  }),
  "promise-broken": ({ paint, what, told, now }, speech) => ({
    say:
      what === "pattern"
        ? `${capital(speech.paint(paint))} was agreed, and is not in the pattern.`
        : `${capital(speech.paint(paint))} was agreed as ${told} (${agreedWords[what] ?? what}); it is ${now} now.`,
    remedy: "Put it back, or show the client what it is now and let it be agreed anew.",
  }),
  "recipe-off": ({ paint, part, off }, speech) => ({
    say: `${speech.paint(paint)} as it is measured has ${Math.abs(off * 100).toFixed(1)} % ${off > 0 ? "more" : "less"} ${part === null ? "water" : speech.paint(part)} than its recipe asks for.`,
    remedy: "Make more of it at once, or measure that part with a syringe; write down what really went in.",
  }),
  "tint-over-limit": ({ paint, tint, base, made, limit, taken }, speech) => ({
    say: `${speech.paint(paint)} holds ${made.toFixed(0)} ml of ${speech.paint(tint)} in a litre of ${speech.paint(base)}, and its label allows ${trimDecimals(limit, 1)} ml. Too much tint weakens the film.`,
    remedy:
      taken === null
        ? "Take a base that holds more, or a stronger tint. If the approved board was made so, repeat that recipe exactly, and write the risk down."
        : `${taken || "The client"} knows and accepts it: repeat the recipe of the board exactly, and let it cure longer before it is washed.`,
  }),
};
