import type { Page } from "@playwright/test";

const keys = ["2", "3", "4", "5", "6", "1"] as const;

/** From the key that goes to a station until its card and its wall are drawn, and the longest task meanwhile; ms. */
export async function stationsShown(
  page: Page,
): Promise<Record<string, readonly [shown: number, longest: number]>> {
  const taken: Record<string, readonly [number, number]> = {};
  for (const key of keys) {
    await page.evaluate(watch);
    await page.keyboard.press(key);
    taken[key] = await page.evaluate(() => (globalThis as unknown as Watched).shown);
  }
  return taken;
}

interface Watched {
  shown: Promise<[shown: number, longest: number]>;
}

/** Stands in the page before the key is pressed, or a busy one could miss it. */
function watch(): void {
  (globalThis as unknown as Watched).shown = new Promise((resolve) => {
    let [start, longest] = [0, 0];
    const tasks = new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
    });
    tasks.observe({ type: "longtask" });
    addEventListener("keydown", () => (start ||= performance.now()), { once: true, capture: true });
    const head = () => document.querySelector("#card h2")?.textContent;
    const before = head();
    const look = () => {
      if (start === 0 || head() === undefined || head() === before) return requestAnimationFrame(look);
      const ms = performance.now() - start;
      // What follows right after belongs to it.
      return setTimeout(() => {
        tasks.disconnect();
        resolve([Math.round(ms), Math.round(longest)]);
      }, 700);
    };
    requestAnimationFrame(look);
  });
}
