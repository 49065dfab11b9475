import { chromium, type CDPSession, type Page } from "@playwright/test";
import config from "../playwright.config";
import { removeFolder, startServer, stopServer } from "../e2e/support/server";
import { leaveTour } from "../e2e/support/test";
import { griddedDocument, manyDocuments, printedDocument, stripedDocument } from "./jobs";
import { stationsShown } from "./stations";

/**
 * What the screens take in a headless browser, as JSON: times in ms as the median of some, and as ratios to an empty page of
 * the same browser where that means something. Run on a built program: `npm run bench:browser`.
 */
const times = 7;
const dragSteps = 30;

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;
const rounded = (value: number): number => Math.round(value * 10) / 10;

const server = await startServer();
const browser = await chromium.launch(config.use!.launchOptions);
try {
  const empty = await frameOfEmptyPage();
  const demo = "/jobs/the-ferry-landing/counter/pattern";
  const stripes = `/jobs/${await create(stripedDocument(800))}/w/pattern`;
  const pieces = `/jobs/${await create(griddedDocument(50, 40))}/w/pattern`;
  const prints = `/jobs/${await create(printedDocument(5000))}/w/pattern`;
  console.log(
    JSON.stringify(
      {
        emptyPage: { frame_ms: rounded(empty) },
        firstLoad: await firstLoad(demo),
        stationPage_ms: await stationPage(demo),
        stationsFirstAndAgain_ms: await stations("/jobs/the-ferry-landing/counter/measure"),
        dragDemo: await drag(demo, empty),
        drag800Stripes: await drag(stripes, empty),
        nodes2000Pieces: await nodes(pieces),
        pan2000Pieces: await pan(pieces, empty),
        draw5000Prints: await drawPrints(prints),
        pan5000Prints: await pan(prints, empty),
        home300Jobs: await home(300),
      },
      null,
      2,
    ),
  );
} finally {
  await browser.close();
  await stopServer(server);
  removeFolder(server.data);
}

async function create(document: object): Promise<string> {
  const answer = await fetch(`${server.url}/api/jobs`, { method: "POST", body: JSON.stringify(document) });
  const { id } = (await answer.json()) as { id: string };
  return encodeURIComponent(id);
}

async function newPage(): Promise<Page> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // What runs in the page was translated with names kept, by a helper that the page does not have.
  await page.addInitScript("globalThis.__name = (made) => made");
  await page.addInitScript(leaveTour);
  await page.goto("about:blank");
  return page;
}

async function opened(path: string): Promise<Page> {
  const page = await newPage();
  await page.goto(server.url + path, { waitUntil: "networkidle" });
  return page;
}

/** Compressed script that a first visit fetches before anything is touched. */
async function firstLoad(path: string) {
  const page = await newPage();
  const client = await page.context().newCDPSession(page);
  await client.send("Network.enable");
  const scripts = new Map<string, number>();
  client.on("Network.responseReceived", ({ requestId, type }) => {
    if (type === "Script") scripts.set(requestId, 0);
  });
  // The script itself; what is told about each file beside it is not counted.
  client.on("Network.dataReceived", ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) scripts.set(requestId, scripts.get(requestId)! + encodedDataLength);
  });
  await page.goto(server.url + path, { waitUntil: "networkidle" });
  await page.close();
  const bytes = [...scripts.values()].reduce((sum, size) => sum + size, 0);
  return { script_kB: rounded(bytes / 1000), files: scripts.size };
}

/** Each station by its key: until it is shown, and the longest task; the first time, and on a return. */
async function stations(path: string) {
  const page = await opened(path);
  const taken = [await stationsShown(page), await stationsShown(page)];
  await page.close();
  return taken;
}

async function stationPage(path: string): Promise<number> {
  const taken: number[] = [];
  for (let time = 0; time < times; time++) {
    const start = performance.now();
    await (await fetch(server.url + path)).text();
    taken.push(performance.now() - start);
  }
  return rounded(median(taken.slice(1)));
}

/** A page with one square that follows the pointer: what the browser itself takes from a move to the next frame. */
async function frameOfEmptyPage(): Promise<number> {
  const page = await newPage();
  await page.setContent(
    `<svg width="1280" height="800"><rect width="30" height="30"/></svg><script>
      addEventListener("pointermove", (e) => document.querySelector("rect").setAttribute("x", e.clientX));
    </script>`,
  );
  const taken = await moves(page, { x: 300, y: 300 }, 4, "rect");
  await page.close();
  return median(taken);
}

/** From each move of the pointer that changes something of `changes` to the frame after that is drawn. */
async function moves(
  page: Page,
  from: { x: number; y: number },
  by: number,
  changes: string,
): Promise<number[]> {
  const taken: number[] = [];
  for (let step = 1; step <= dragSteps; step++) {
    const changed = page.evaluate(
      ({ selector, mostMs }) =>
        new Promise<number>((resolve) => {
          let start = 0;
          const end = (ms: number) => {
            observer.disconnect();
            clearTimeout(tooLate);
            resolve(ms);
          };
          // Told of changes, and not comparing what there is in each frame: that would be measured with it.
          const observer = new MutationObserver((records) => {
            const isSeen = records.some(({ target, addedNodes }) =>
              [target, ...addedNodes].some((node) => node instanceof Element && node.closest(selector)),
            );
            if (start === 0 || !isSeen) return;
            requestAnimationFrame(() => requestAnimationFrame(() => end(performance.now() - start)));
          });
          const tooLate = setTimeout(() => end(NaN), mostMs);
          addEventListener("pointermove", () => (start ||= performance.now()), { once: true, capture: true });
          observer.observe(document.body, { subtree: true, childList: true, attributes: true });
        }),
      { selector: changes, mostMs: 1500 },
    );
    await page.waitForTimeout(30);
    await page.mouse.move(from.x + by * step, from.y);
    taken.push(await changed);
  }
  // Some moves snap to where the line stood before, and change nothing.
  return taken.filter((ms) => !Number.isNaN(ms));
}

/** A line of the pattern dragged to and fro: until the line has moved, until the wall has, and the longest task meanwhile. */
async function drag(path: string, empty: number) {
  const page = await opened(path);
  const view = (await page.getByRole("group", { name: /Wall view/ }).boundingBox())!;
  const line = (await page.locator("[data-draggable]").nth(1).boundingBox())!;
  const start = { x: line.x + line.width / 2, y: view.y + view.height / 2 };
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  await page.mouse.move(start.x + 4, start.y);
  await page.evaluate(() => {
    const longest = { ms: 0 };
    Object.assign(window, { longest });
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) longest.ms = Math.max(longest.ms, duration);
    }).observe({ type: "longtask" });
  });
  const client = await page.context().newCDPSession(page);
  const before = await scriptSeconds(client);
  const lines = median(await moves(page, start, 3, "[data-held]"));
  const after = await scriptSeconds(client);
  const walls = median(await moves(page, { ...start, x: start.x + 90 }, -3, "[data-wall] path, canvas"));
  const longest = await page.evaluate(() => (window as unknown as { longest: { ms: number } }).longest.ms);
  await page.mouse.up();
  await page.close();
  return {
    line_ms: rounded(lines),
    wall_ms: rounded(walls),
    lineToEmptyPage: rounded(lines / empty),
    wallToEmptyPage: rounded(walls / empty),
    longestTask_ms: rounded(longest),
    scriptAMove_ms: rounded(((after - before) / dragSteps) * 1000),
  };
}

async function scriptSeconds(client: CDPSession): Promise<number> {
  await client.send("Performance.enable");
  const { metrics } = await client.send("Performance.getMetrics");
  return metrics.find(({ name }) => name === "ScriptDuration")!.value;
}

async function nodes(path: string): Promise<number> {
  const page = await opened(path);
  const count = await page.evaluate(() => document.querySelectorAll("*").length);
  await page.close();
  return count;
}

/** From the first stroke on each canvas that shows the prints until the frame after is over, by the canvas' width in pixels. */
async function drawPrints(path: string) {
  const page = await newPage();
  await page.addInitScript(() => {
    const drawn: { wide: number; ms: number }[] = [];
    const begun = new Set<CanvasRenderingContext2D>();
    Object.assign(globalThis, { drawn });
    const { fill } = CanvasRenderingContext2D.prototype;
    CanvasRenderingContext2D.prototype.fill = function (...what: unknown[]) {
      if (!begun.has(this)) {
        begun.add(this);
        const [start, wide] = [performance.now(), this.canvas.width];
        requestAnimationFrame(() =>
          setTimeout(() => {
            begun.delete(this);
            drawn.push({ wide, ms: Math.round(performance.now() - start) });
          }),
        );
      }
      (fill as (...what: unknown[]) => void).apply(this, what);
    };
  });
  await page.goto(server.url + path, { waitUntil: "networkidle" });
  await page.locator("[data-prints]").waitFor();
  await page.waitForTimeout(500);
  const { drawn, prints } = await page.evaluate(() => ({
    drawn: (globalThis as unknown as { drawn: { wide: number; ms: number }[] }).drawn,
    prints: document.querySelector("[data-prints]")!.getAttribute("data-prints"),
  }));
  await page.close();
  return { prints: Number(prints), drawn };
}

/** Frames while the wall is zoomed and pulled about by its background. */
async function pan(path: string, empty: number) {
  const page = await opened(path);
  const view = (await page.getByRole("group", { name: /Wall view/ }).boundingBox())!;
  const at = { x: view.x + 30, y: view.y + view.height - 12 };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  const frames = page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const gaps: number[] = [];
        let last = performance.now();
        const tick = (now: number) => {
          gaps.push(now - last);
          last = now;
          if (gaps.length < 60) requestAnimationFrame(tick);
          else resolve(gaps.slice(1));
        };
        requestAnimationFrame(tick);
      }),
  );
  let isOver = false;
  void frames.then(() => (isOver = true));
  for (let step = 0; !isOver; step++) {
    await page.mouse.move(at.x + 100 * Math.sin(step / 5), at.y - 60 * Math.abs(Math.cos(step / 5)));
  }
  await page.mouse.up();
  await page.close();
  const frame = median(await frames);
  return { frame_ms: rounded(frame), perSecond: rounded(1000 / frame), toEmptyPage: rounded(frame / empty) };
}

/** The list of so many jobs: until it stands there, and what the server took. */
async function home(count: number) {
  for (const document of manyDocuments(count)) await create(document);
  const taken: number[] = [];
  for (let time = 0; time < times; time++) {
    const start = performance.now();
    await (await fetch(`${server.url}/`)).text();
    taken.push(performance.now() - start);
  }
  const page = await newPage();
  const start = performance.now();
  await page.goto(server.url);
  await page.getByText(`Job ${count}`, { exact: true }).waitFor();
  const shown = performance.now() - start;
  await page.close();
  return { answer_ms: rounded(median(taken)), shown_ms: rounded(shown) };
}
