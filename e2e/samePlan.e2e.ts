import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import type { Worker } from "@playwright/test";
import { expect, makeJob, stripedWall, test } from "./support/test";

const circle = {
  id: "o",
  kind: "window",
  shape: "circle",
  x: 1500,
  y: 900,
  width: 733,
  height: 733,
  casing: 61,
};
const corpus: [string, object][] = [
  ["the demo job", JSON.parse(readFileSync("docs/examples/ferry-landing.json", "utf8")) as object],
  ...[17, 33.3, 71, 90, 111.1, 163].map((direction): [string, object] => [
    `stripes at ${direction} degrees around a round window`,
    stripedWall(`Angle ${direction}`, {
      wall: { openings: [circle] },
      finish: { direction, fit: { by: "width", width: 211.7 } },
    }),
  ]),
  // Powers of two, waits and many candidate orders.
  ...(
    [
      [9.3, 61, 1, "finish", "colour"],
      [13.7, 83.5, 2, "coat-by-coat", "press"],
      [34.9, 12, 3, "finish", "caulk"],
    ] as const
  ).map(([temperature, humidity, crew, school, seal]): [string, object] => [
    `${crew} at ${temperature} C`,
    {
      ...(JSON.parse(readFileSync("docs/examples/ferry-landing.json", "utf8")) as object),
      name: `Air ${temperature}`,
      school,
      edges: { seal },
      work: { start: "2028-02-28", temperature, humidity, crew },
    },
  ]),
];

/** Asks the application's own planning worker, over the messages that its page sends. */
function askWorker<Answer>(worker: Worker, method: "walls" | "rest", given: string[]): Promise<Answer> {
  return worker.evaluate(
    ([path, values]) =>
      new Promise<Answer>((resolve) => {
        const scope = globalThis as unknown as {
          postMessage: (message: { id?: string; value?: unknown }) => void;
        };
        const original = scope.postMessage;
        scope.postMessage = (message) => {
          if (message.id !== "test") return original.call(scope, message);
          scope.postMessage = original;
          resolve(message.value as Answer);
        };
        const argumentList = values.map((value) => ({ type: "RAW", value }));
        const call = { id: "test", type: "APPLY", path: [path], argumentList };
        globalThis.dispatchEvent(new MessageEvent("message", { data: call }));
      }),
    [method, given] as const,
  );
}

type Sent = (string | null)[];
let received: string[] = [];
/** What is not sent again is as it was. */
const receive = (sent: Sent): string[] => (received = sent.map((text, index) => text ?? received[index]!));

/** A document's plan as the page has it once both answers are there, in the order of the plan's own fields. */
async function planInWorker(worker: Worker, text: string): Promise<string> {
  receive(await askWorker<Sent>(worker, "walls", [text]));
  const { walls, rest } = await askWorker<{ walls: Sent; rest: string }>(worker, "rest", []);
  const { format, ...others } = JSON.parse(rest) as { format: string };
  const parsed = receive(walls).map((wall) => JSON.parse(wall) as object);
  return JSON.stringify({ format, walls: parsed, ...others });
}

test("the command line, the server and the browser's worker give the same bytes", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Worker"));
  await page.goto(`/jobs/${id}/w/measure`);
  const started = page.waitForEvent("worker");
  await page.getByLabel("Skirting").fill("100 mm");
  await page.getByLabel("Skirting").press("Enter");
  const worker = await started;
  for (const [name, document] of corpus) {
    const text = `${JSON.stringify(document, null, 2)}\n`;
    const command = spawnSync(process.execPath, ["scripts/plan.mjs", "-"], {
      input: text,
      encoding: "utf8",
      maxBuffer: 64e6,
    });
    expect(command.status, command.stderr).toBe(0);
    const jobId = await makeJob(page, document);
    const served = await (await page.request.get(`/api/jobs/${jobId}/plan`)).text();
    const worked = await planInWorker(worker, text);
    expect(served === command.stdout, name).toBe(true);
    expect(worked === JSON.stringify(JSON.parse(command.stdout)), name).toBe(true);
  }
});

test("the command line refuses in words, with exit code 2", () => {
  const run = (args: string[], input = "") =>
    spawnSync(process.execPath, ["scripts/plan.mjs", ...args], { input, encoding: "utf8" });
  const bad = run(["-"], JSON.stringify({ ...stripedWall("Bad"), units: "cubits" }));
  expect([bad.status, bad.stdout]).toEqual([2, ""]);
  expect(bad.stderr).toBe('units: "cubits" is not right; expected "imperial" or "metric"\n');
  expect(run(["nowhere.json"]).stderr).toContain("nowhere.json: cannot be read");
  expect(run([]).status).toBe(2);
  const demo = "docs/examples/ferry-landing.json";
  expect(run([demo, "--format", "dwg"]).stderr).toContain("expected json, csv, ics, svg");
  expect(run([demo, "--format", "svg", "--wall", "stair"]).stdout).toMatch(
    /^<\?xml[^]*<g id="stair"[^]*<\/svg>\n$/,
  );
  expect(run([demo, "--format", "ics", "--wall", "attic"]).stderr).toContain('there is no wall "attic"');
  const table = run([demo, "--format", "csv", "--wall", "stair"]);
  expect(table.stdout.split("\r\n")[0]).toBe(
    "day,date,from,to,person,wall,round,coat,paint,what,minutes,take care",
  );
  expect(run([demo, "--format", "ics"]).stdout).toMatch(/^BEGIN:VCALENDAR[^]*END:VCALENDAR\r\n$/);
});
