import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { afterAll, expect, it } from "vitest";
import { ThreadEnded, WatchedThread } from "./watchedThread";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-thread-"));
/** Answers with what it is asked and how many it has had; "never" for ever, "bad" with an error, "say" with a word of its own before. */
const entry = join(folder, "echo.mjs");
writeFileSync(
  entry,
  `import { parentPort } from "node:worker_threads";
   let count = 0;
   parentPort.on("message", ({ id, request }) => {
     if (request === "never") for (;;);
     if (request === "bad") return parentPort.postMessage({ id, error: "so it is" });
     if (request === "say") parentPort.postMessage("by the way");
     parentPort.postMessage({ id, value: request + " " + ++count });
   });`,
);
afterAll(() => rmSync(folder, { recursive: true }));

it("answers in turn, tells errors and what is said unasked, and starts anew after it hung or was ended", async () => {
  const heard: unknown[] = [];
  const hear = (message: unknown) => heard.push(message);
  const thread = new WatchedThread<string>({ entry: pathToFileURL(entry), limitMs: 4000, hear });
  expect(await Promise.all(["a", "say"].map((word) => thread.ask(word)))).toEqual(["a 1", "say 2"]);
  expect(heard).toEqual(["by the way"]);
  await expect(thread.ask("bad")).rejects.toBe("so it is");
  // Whoever waits behind what hangs is told as well, and the next question is the first of a new thread.
  const [hung, behind] = [thread.ask("never"), thread.ask("b")];
  await expect(hung).rejects.toMatchObject({ name: "ThreadEnded", why: "slow" });
  await expect(behind).rejects.toMatchObject({ why: "slow" });
  expect(await thread.ask("c")).toBe("c 1");
  const last = thread.ask("never");
  void thread.end(new ThreadEnded("closed", "enough"));
  await expect(last).rejects.toMatchObject({ why: "closed", message: "enough" });
  expect(await thread.ask("d")).toBe("d 1");
  await thread.end(new ThreadEnded("closed", "done"));
});
