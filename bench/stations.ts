import type { Page } from "@playwright/test";

const keys = ["2", "3", "4", "5", "6", "1"] as const;

/** From the key that goes to a station until its card and its wall are drawn, and the longest task meanwhile; ms. */
export async function stationsShown(
  page: Page,
): Promise<Record<string, readonly [shown: number, longest: number]>> {
  const taken: Record<string, readonly [number, number]> = {};
  for (const key of keys) {
    const shown = page.evaluate(
      () =>
        new Promise<[number, number]>((resolve) => {
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
        }),
    );
    await page.waitForTimeout(50);
    await page.keyboard.press(key);
    taken[key] = await shown;
  }
  return taken;
}
