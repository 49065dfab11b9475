import { readFileSync } from "node:fs";
import { pathToFileURL } from "node:url";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, afterEach, beforeAll, describe, expect, it } from "vitest";
import { emitPlan } from "@/core/job/emitPlan";
import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { Planner } from "./planner";

const request = (document: string) => ({ document, format: "json", sheet: "days", now: 0 }) as const;

describe("planning on the server", () => {
  const folder = mkdtempSync(join(tmpdir(), "jacaranda-planner-"));
  /** A thread that answers each document with itself and how many it has had; "never" for ever, "end" ends it. */
  const echo = join(folder, "echo.mjs");
  beforeAll(() =>
    writeFileSync(
      echo,
      `import { parentPort } from "node:worker_threads";
       let count = 0;
       parentPort.on("message", ({ id, request: { document } }) => {
         if (document === "never") for (;;);
         if (document === "end") throw new Error("out of breath");
         parentPort.postMessage({ id, value: document + " " + ++count });
       });`,
    ),
  );
  afterAll(() => rmSync(folder, { recursive: true }));
  let planner: Planner;
  afterEach(() => planner.close());
  const make = (limitMs = 5000, mostKept = 1e6) =>
    (planner = new Planner({ worker: pathToFileURL(echo), limitMs, mostKept }));

  it("answers what the command line prints, from a thread", async () => {
    // The thread reads hundreds of files first, which takes long where others are at work beside it.
    planner = new Planner({ limitMs: 180_000 });
    const demo = readFileSync("docs/examples/ferry-landing.json", "utf8");
    const here = parseJobText(demo);
    expect(await planner.plan(request(demo))).toBe(here.ok && emitPlan(plan(here.job)));
    await expect(planner.plan(request("{}"))).rejects.toThrow("the document does not hold");
  });

  it("works out one question once, also while it is asked again, and keeps no more than it may", async () => {
    make(5000, 8);
    expect(await Promise.all([planner.plan(request("a")), planner.plan(request("a"))])).toEqual([
      "a 1",
      "a 1",
    ]);
    expect(await planner.plan(request("b"))).toBe("b 2");
    expect(await planner.plan(request("a"))).toBe("a 1");
    expect(await planner.plan(request("c"))).toBe("c 3");
    expect(await planner.plan(request("b"))).toBe("b 4");
  });

  it("gives up what takes too long, or ends the thread, and goes on with the next", async () => {
    const limitMs = 8000;
    make(limitMs);
    const slow = planner.plan(request("never"));
    const next = planner.plan(request("next"));
    await expect(slow).rejects.toThrow("it took longer than 8 seconds");
    expect(await next).toBe("next 1");
    // Asked again it is not tried again: that would hold up everyone each time.
    const start = performance.now();
    await expect(planner.plan(request("never"))).rejects.toThrow("it took longer");
    expect(performance.now() - start).toBeLessThan(limitMs / 2);
    await expect(planner.plan(request("end"))).rejects.toThrow("out of breath");
    expect(await planner.plan(request("again"))).toBe("again 1");
  });

  it("takes what somebody waits for before pictures for the list", async () => {
    make();
    const order: string[] = [];
    const ask = (wanted: Parameters<Planner["plan"]>[0]) =>
      planner.plan(wanted).then(() => order.push(`${wanted.format} ${wanted.document}`));
    const tile = (document: string) => ask({ document, format: "tile" });
    await Promise.all([tile("a"), tile("b"), tile("c"), ask(request("d")), ask(request("e"))]);
    expect(order).toEqual(["tile a", "json d", "json e", "tile b", "tile c"]);
  });

  it("drops what nobody waits for any more, under way or in the queue", async () => {
    make(60_000);
    const [first, second] = [new AbortController(), new AbortController()];
    const slow = planner.plan(request("never"), first.signal);
    const queued = planner.plan(request("never, too"), second.signal);
    const kept = planner.plan(request("kept"));
    second.abort(new Error("gone"));
    await expect(queued).rejects.toThrow("gone");
    first.abort(new Error("gone"));
    await expect(slow).rejects.toThrow("gone");
    expect(await kept).toBe("kept 1");
  });
});
