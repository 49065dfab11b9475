import { chromium } from "@playwright/test";
import config from "../../playwright.config";
import { removeFolder, startServer, stopServer } from "./server";
const shots = JSON.parse(process.argv[2]!) as {
  n: string;
  p: string;
  w?: number;
  h?: number;
  click?: string[];
  wait?: number;
  scroll?: number;
}[];
const server = await startServer();
const browser = await chromium.launch(config.use!.launchOptions);
for (const { n, p, w = 1280, h = 800, click = [], wait = 700, scroll } of shots) {
  const page = await browser.newPage({ viewport: { width: w, height: h } });
  page.on("pageerror", (e) => console.log(n, "ERROR", e.message));
  page.on("console", (m) => m.type() === "error" && console.log(n, "console", m.text().slice(0, 300)));
  await page.goto(server.url + p, { waitUntil: "networkidle" });
  for (const name of click) {
    const [role, label] = name.includes("|")
      ? (name.split("|") as [never, string])
      : ["button" as never, name];
    await page.getByRole(role, { name: label }).first().click();
    await page.waitForTimeout(300);
  }
  if (scroll) await page.mouse.move(w - 100, 400).then(() => page.mouse.wheel(0, scroll));
  await page.waitForTimeout(wait);
  await page.screenshot({ path: `/tmp/look/${n}.png` });
  await page.close();
}
await browser.close();
await stopServer(server);
removeFolder(server.data);
