import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { expect, type Page } from "@playwright/test";

const axeSource = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

/** What axe finds wrong on a page, each with the element that it is about. */
export async function faultsOn(page: Page): Promise<string[]> {
  await page.evaluate(axeSource);
  return page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: { run(): Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
    };
    const { violations } = await axe.run();
    return violations.flatMap(({ id, nodes }) => nodes.map((node) => `${id}: ${node.html.slice(0, 160)}`));
  });
}

const sizes = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
];

/** Nothing is wrong on the page as it stands, on a phone and on a desk, and none is wider than its screen. */
export async function expectAccessible(page: Page): Promise<void> {
  for (const size of sizes) {
    await page.setViewportSize(size);
    const at = `${page.url()} at ${size.width} x ${size.height}`;
    expect(await faultsOn(page), at).toEqual([]);
    expect(await stickingOut(page), at).toEqual([]);
  }
}

/** What makes a page wider than its screen. */
const stickingOut = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const wide = window.innerWidth;
    if (document.documentElement.scrollWidth <= wide) return [];
    const out = [...document.querySelectorAll("body *")].filter(
      (element) => element.getBoundingClientRect().right > wide,
    );
    return ["wider than its screen", ...out.map((element) => element.outerHTML.slice(0, 160))];
  });
