import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { faultsOn } from "./support/faults";
import { expect, makeJob, test, unfold } from "./support/test";

const demo = JSON.parse(readFileSync("docs/examples/ferry-landing.json", "utf8")) as {
  name: string;
  paints: { id: string; name: string }[];
  walls: { id: string; name: string }[];
};

/** The demo under names of eighty letters, some of them one word. */
const long = {
  ...demo,
  name: "Donaudampfschifffahrtsgesellschaftskapitänswohnzimmerwandgestaltung im Fährhaus",
  paints: demo.paints.map((paint, index) => ({
    ...paint,
    name: index % 2 === 0 ? `${paint.name} Hafenmeisterdienstwohnungstreppenhausfarbe` : paint.name,
  })),
  walls: demo.walls.map((wall) => ({
    ...wall,
    name: `${wall.name}, Treppenhausobergeschossfensterseitenwand`,
  })),
};

/** More than anyone has in one job. */
const full = {
  ...demo,
  name: "Very full",
  paints: [
    ...demo.paints,
    ...Array.from({ length: 52 }, (_, index) => ({
      id: `more-${index}`,
      name: `More ${index}`,
      hex: "#456789",
    })),
  ],
  walls: [
    ...demo.walls,
    ...Array.from({ length: 33 }, (_, index) => ({
      id: `far-${index}`,
      name: `Far wall ${index + 1}`,
      width: 3000,
      height: 2400,
      base: "oyster",
    })),
  ],
};

const stations = ["measure", "pattern", "colour", "buy", "days", "mark", "paint"];

/** Controls of one view that are called the same, and live regions beside the one for what is saved and planned. */
const confusing = (page: Page) =>
  page.evaluate(() => {
    const seen = (element: Element) => element.getClientRects().length > 0;
    const nameOf = (element: Element) =>
      (
        element.getAttribute("aria-label") ??
        (element.id ? document.querySelector(`label[for="${element.id}"]`)?.textContent : null) ??
        element.textContent ??
        ""
      ).trim();
    const names = new Map<string, number>();
    const called = (element: Element) => {
      const group = element.parentElement!.closest("[role=group], [role=row], fieldset, section[aria-label]");
      return `${group?.getAttribute("aria-label") ?? ""}: ${nameOf(element)}`;
    };
    for (const element of document.querySelectorAll(
      "main input, main select, main [role=combobox], main [role=slider], main button",
    ))
      if (seen(element)) names.set(called(element), (names.get(called(element)) ?? 0) + 1);
    return [...names].filter(([, count]) => count > 1).map(([name, count]) => `${count} times ${name}`);
  });

/** What stands on each view of a wall, in some looks of the screen. */
async function expectWell(page: Page, station: string, looks: readonly string[]): Promise<void> {
  const { width, height } = page.viewportSize()!;
  const at = `${station} at ${width} x ${height}`;
  expect(await page.evaluate(() => document.documentElement.scrollWidth), at).toBeLessThanOrEqual(width);
  for (const look of looks) {
    await page.evaluate((to) => (document.documentElement.dataset.contrast = to), look);
    expect.soft(await faultsOn(page), `${at}, ${look}`).toEqual([]);
  }
  expect.soft(await confusing(page), at).toEqual([]);
}

test("all views with names of eighty letters hold what is in them, on a desk in the evening or on a phone", async ({
  page,
}) => {
  const id = await makeJob(page, long);
  for (const [index, station] of stations.entries()) {
    const isDesk = index % 2 === 0;
    await page.setViewportSize(isDesk ? { width: 1280, height: 800 } : { width: 390, height: 844 });
    await page.goto(`/jobs/${id}/shelf/${station}`);
    await expectWell(page, station, isDesk ? ["dim"] : [""]);
  }
});

test("a job of forty walls and sixty paints is clean", async ({ page }) => {
  const id = await makeJob(page, full);
  for (const station of ["pattern", "buy", "days"]) {
    await page.goto(`/jobs/${id}/shelf/${station}`);
    await expectWell(page, station, [""]);
  }
});

test("menus, the calendar and what opens over a page are clean, too", async ({ page }) => {
  const clean = async (what: string) => {
    // What fades in is looked at when it is there.
    await page.waitForFunction(() =>
      document.getAnimations().every(({ playState }) => playState !== "running"),
    );
    expect.soft(await faultsOn(page), what).toEqual([]);
    await page.keyboard.press("Escape");
  };
  await page.goto("/");
  // Other tests may have made one that is called the same.
  await page
    .getByRole("button", { name: /^More about The Ferry Landing$/ })
    .first()
    .click();
  await expect(page.getByRole("menu")).toBeVisible();
  await clean("the menu of a job");
  await page.goto("/jobs/the-ferry-landing/shelf/pattern");
  await page.getByRole("button", { name: "mitred" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await clean("a word of a sentence");
  await page.keyboard.press("/");
  await expect(page.getByRole("combobox", { name: "Find" })).toBeVisible();
  await clean("Find");
  await page
    .getByRole("contentinfo")
    .getByRole("button", { name: /all paints with what they come to/ })
    .click();
  await clean("the paints of the ledger");
  await page.goto("/jobs/the-ferry-landing/counter/days");
  await unfold(page, "Hands, hours and air");
  await page.getByRole("button", { name: "First day: pick it in a calendar" }).click();
  await expect(page.getByRole("grid")).toBeVisible();
  await clean("the calendar");
});

/** How far what is in sight has moved by itself, as browsers count it (the part of the screen times the way). */
const countShifts = () => {
  const held = globalThis as unknown as { shifted: number };
  held.shifted = 0;
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries() as (PerformanceEntry & {
      value: number;
      hadRecentInput: boolean;
    })[])
      if (!entry.hadRecentInput) held.shifted += entry.value;
  }).observe({ type: "layout-shift", buffered: true });
};

test("nothing moves by more than a little while a page and its plan arrive", async ({ page }) => {
  await page.addInitScript(countShifts);
  const desk = { width: 1280, height: 800 };
  const phone = { width: 390, height: 844 };
  const wall = "/jobs/the-ferry-landing/stair";
  for (const [path, size] of [
    ["/", phone],
    ["/", desk],
    ...["measure", "pattern", "colour", "buy", "days", "mark"].map((at, index) => [
      `${wall}/${at}`,
      index % 2 === 0 ? phone : desk,
    ]),
  ] as [string, typeof desk][]) {
    await page.setViewportSize(size);
    await page.goto(path);
    await expect(page.getByRole("heading").first()).toBeVisible();
    // Looks and figures come after the page.
    await page.waitForTimeout(1500);
    const shifted = await page.evaluate(() => (globalThis as unknown as { shifted: number }).shifted);
    expect.soft(shifted, `${path} at ${size.width}`).toBeLessThan(0.05);
  }
});
