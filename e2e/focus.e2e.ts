import type { Page } from "@playwright/test";
import { expect, listens, makeJob, stripedWall, test } from "./support/test";

const isOnBody = (page: Page) => page.evaluate(() => document.activeElement === document.body);

/** Whatever went away under it, something has the focus, and Tab goes on from there. */
async function keepsFocus(page: Page, after: string): Promise<void> {
  await expect(async () => expect(await isOnBody(page), after).toBe(false)).toPass({ timeout: 5000 });
}

test("the focus never falls to the page, whatever is laid out, taken off, removed, closed or gone to", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Focus"));
  const byKey = async (name: string | RegExp) => {
    await page.getByRole("button", { name }).first().focus();
    await page.keyboard.press("Enter");
  };
  await page.goto(`/jobs/${id}/w/mark`);
  await byKey("Call out");
  await expect(page.getByRole("dialog")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Call out" })).toBeFocused();
  await page.keyboard.press("/");
  await expect(page.getByRole("combobox", { name: "Find" })).toBeFocused();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await keepsFocus(page, "Find is closed");
  await page.keyboard.press("2");
  await page.waitForURL(/pattern$/);
  await expect(page.locator("#card")).toBeFocused();
  await byKey("Take out colour 1");
  await keepsFocus(page, "a colour is taken out");
  await byKey("Take off");
  await expect(page.getByRole("button", { name: "Lay out stripes" })).toBeVisible();
  await keepsFocus(page, "the finish is taken off");
  await byKey("Lay out stripes");
  await expect(page.getByRole("heading", { name: "Stripes" })).toBeVisible();
  await keepsFocus(page, "stripes are laid out");
  await page.goto("/");
  await byKey("More about Focus");
  await page.getByRole("menuitem", { name: "Put away" }).press("Enter");
  await expect(page.getByRole("button", { name: "Undo" })).toBeVisible();
  await keepsFocus(page, "a job is put away");
});

test("a newcomer is shown around in five stops, may leave at each, and is left alone after that", async ({
  browser,
  baseURL,
}) => {
  const page = await browser.newPage({ baseURL, viewport: { width: 1280, height: 800 } });
  const id = await makeJob(page, stripedWall("Shown around"));
  const open = async () => {
    await page.goto(`/jobs/${id}/w/pattern`);
    await listens(page);
  };
  const tour = page.getByRole("complementary", { name: "Tour" });
  await open();
  await expect(tour).toContainText("1 of 5");
  // Nothing is held up by it.
  await page.getByLabel("Stripe width").fill("400");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").first()).toHaveText("Saved");
  for (const stop of ["2 of 5", "3 of 5", "4 of 5", "5 of 5"]) {
    await tour.getByRole("button", { name: "Next" }).click();
    await expect(tour).toContainText(stop);
  }
  await tour.getByRole("button", { name: "To work" }).click();
  await expect(tour).toHaveCount(0);
  await open();
  await page.keyboard.press("/");
  await page.getByRole("combobox", { name: "Find" }).fill("tour");
  await page.keyboard.press("Enter");
  await expect(tour).toContainText("1 of 5");
  await page.keyboard.press("Escape");
  await expect(tour).toHaveCount(0);
  await page.close();
});
