import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import type { Page } from "@playwright/test";

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
