import { chromium } from "@playwright/test";
import config from "../../playwright.config";
import { leaveTour } from "./test";
import { removeFolder, startServer, stopServer } from "./server";

/** Takes the pictures of docs/screenshots/ afresh, from the demo job. */
const views: {
  name: string;
  path: string;
  width?: number;
  height?: number;
  press?: string;
  /** Places on the screen that are clicked after that; the last one is only pointed at. */
  points?: readonly [number, number][];
  next?: number;
}[] = [
  { name: "home", path: "/" },
  { name: "measure", path: "/jobs/the-ferry-landing/counter/measure" },
  { name: "pattern", path: "/jobs/the-ferry-landing/counter/pattern" },
  { name: "taped-lines", path: "/jobs/the-ferry-landing/stair/pattern" },
  { name: "run", path: "/jobs/the-ferry-landing/nook/pattern", press: "1. Bands" },
  { name: "stencil", path: "/jobs/the-ferry-landing/pantry/pattern" },
  { name: "arches", path: "/jobs/the-ferry-landing/shelf/mark" },
  { name: "add-wall", path: "/jobs/the-ferry-landing/add-wall" },
  { name: "colour", path: "/jobs/the-ferry-landing-upper-rooms/dormer/colour" },
  { name: "paper", path: "/jobs/the-ferry-landing-upper-rooms/passage/pattern" },
  { name: "buy", path: "/jobs/the-ferry-landing/counter/buy" },
  { name: "shopping", path: "/shopping/the-ferry-landing", width: 860, height: 760 },
  { name: "days", path: "/jobs/the-ferry-landing/stair/days", points: [[590, 640]] },
  { name: "paint", path: "/jobs/the-ferry-landing/shelf/paint" },
  { name: "paint-phone", path: "/jobs/the-ferry-landing/shelf/paint", width: 390, height: 844 },
  // Before anything is told: what is called out is ticked, and then the job is under way.
  { name: "pattern-phone", path: "/jobs/the-ferry-landing/counter/pattern", width: 390, height: 844 },
  { name: "mark", path: "/jobs/the-ferry-landing/counter/mark" },
  {
    name: "call-out",
    path: "/jobs/the-ferry-landing/counter/mark",
    width: 390,
    height: 844,
    press: "Call out",
    next: 3,
  },
  { name: "sheet", path: "/print/the-ferry-landing/counter", width: 860, height: 1180 },
];

const server = await startServer();
const browser = await chromium.launch(config.use!.launchOptions);
for (const { name, path, width = 1280, height = 800, press, points = [], next = 0 } of views) {
  const page = await browser.newPage({ viewport: { width, height } });
  await page.addInitScript(leaveTour);
  await page.goto(server.url + path, { waitUntil: "networkidle" });
  if (press) await page.getByRole("button", { name: press, exact: true }).click();
  for (const [x, y] of points.slice(0, -1)) await page.mouse.click(x, y);
  const last = points.at(-1);
  if (last) await page.mouse.move(...last, { steps: 5 });
  for (let step = 0; step < next; step++) await page.keyboard.press("Space");
  if (path === "/") await page.waitForFunction(() => !document.body.innerText.includes("being worked out"));
  await page.waitForTimeout(700);
  if (path.endsWith("/colour"))
    await page.waitForFunction(() => {
      const looks = [...document.querySelectorAll("main canvas, #wall canvas")];
      return looks.length > 0 && looks.every((look) => look.getAttribute("data-done") === "1");
    });
  // What is broken is painted small for the row of walls, too.
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}
await browser.close();
await stopServer(server);
removeFolder(server.data);
