import { expect, it } from "vitest";
import { isDiskFull, reasonOf } from "./storeProblem";

it.each<[unknown, string, boolean]>([
  [new Error("the door is shut.\n at line 3"), "the door is shut", false],
  [Object.assign(new Error("write"), { code: "ENOSPC" }), "write", true],
  // What PGlite's file layer throws is no Error.
  [{ name: "ErrnoError", errno: 51 }, "error 51", true],
  [{ name: "ErrnoError", errno: 8 }, "error 8", false],
  [{ message: "could not extend file", code: "53100" }, "could not extend file", true],
  [new Error("Failed query", { cause: { code: "53100", message: "x" } }), "Failed query", true],
  [
    new Error("Failed query", { cause: new Error("no space left on device") }),
    "no space left on device",
    true,
  ],
  ["a plain text", "a plain text", false],
  [undefined, "an unknown error", false],
  [{}, "an unknown error", false],
])("%s is told as %s", (error, reason, isFull) => {
  expect([reasonOf(error), isDiskFull(error)]).toEqual([reason, isFull]);
});
