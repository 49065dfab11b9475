import type { Page } from "@playwright/test";
import { expect, makeJob, stripedWall, test } from "./support/test";

/** What has the focus and is covered at its centre, with what covers it; null where it can be seen. */
const covered = (page: Page): Promise<string | null> =>
  page.evaluate(() => {
    const own = document.activeElement;
    if (!own || own === document.body) return "the focus is on nothing";
    const { left, top, width, height } = own.getBoundingClientRect();
    // What stands for a field that only those who listen are told of, and the wall's own drawing.
    if (width < 4 || height < 4 || own.closest("svg")) return null;
    const at = document.elementFromPoint(left + width / 2, top + height / 2);
    if (at && (own.contains(at) || at.contains(own) || at.closest("label")?.contains(own))) return null;
    return `${own.tagName} ${own.getAttribute("aria-label") ?? own.textContent?.slice(0, 40)} is under ${at?.tagName} ${at?.className}`;
  });

/** Goes through a page by the Tab key, up to so many stops. */
async function tabThrough(page: Page, stops: number): Promise<string[]> {
  const found: string[] = [];
  await page.locator("body").click({ position: { x: 1, y: 1 } });
  for (let stop = 0; stop < stops; stop++) {
    await page.keyboard.press("Tab");
    const place = await covered(page);
    // Past the last one the focus goes to the browser itself.
    if (place === "the focus is on nothing") break;
    if (place !== null) found.push(place);
  }
  return found;
}

for (const [name, width, height] of [
  ["enlarged to twice its size", 640, 400],
  ["on a phone held upright", 390, 844],
] as const) {
  test(`nothing that has the focus is covered, ${name}`, async ({ page }) => {
    const id = await makeJob(page, stripedWall(`Seen ${width}`));
    await page.setViewportSize({ width, height });
    for (const path of ["add-wall", "w/measure", "w/pattern", "w/days"]) {
      await page.goto(`/jobs/${id}/${path}`);
      expect(await tabThrough(page, 45), path).toEqual([]);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow, path).toBeLessThanOrEqual(0);
    }
  });
}

test("a short screen shows what it is opened for, and goes on from there in one flow", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Short"));
  await page.setViewportSize({ width: 640, height: 400 });
  await page.goto(`/jobs/${id}/w/measure`);
  const wall = (await page.locator("#wall").boundingBox())!;
  expect(wall.height).toBeGreaterThan(250);
  await page.getByLabel("Skirting").scrollIntoViewIfNeeded();
  const field = (await page.getByLabel("Skirting").boundingBox())!;
  expect(field.y).toBeGreaterThanOrEqual(0);
  expect(field.y + field.height).toBeLessThanOrEqual(400);
});
