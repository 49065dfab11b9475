import type { Page } from "@playwright/test";
import { expectAccessible } from "./support/faults";
import { expect, makeJob, stripedWall, test } from "./support/test";

test("a job is renamed, copied, put away and deleted from the list, and each is taken back", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Harbour office"));
  await page.goto("/");
  const jobs = page.getByRole("region", { name: "Jobs" });
  const tile = (name: string) => jobs.getByRole("listitem").filter({ hasText: name });
  const more = async (name: string, what: string) => {
    await page.getByRole("button", { name: `More about ${name}`, exact: true }).click();
    await page.getByRole("menuitem", { name: what }).click();
  };
  // Worked out at its save, and not while the list waits for it.
  await expect(tile("Harbour office")).toContainText("1 wall, 2 days");
  await expect(tile("Harbour office").locator("img")).toBeVisible();

  await more("Harbour office", "Rename");
  const field = page.getByLabel("New name of Harbour office");
  await field.fill("");
  await field.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "Write what the job is called." })).toBeVisible();
  await field.fill("Pilot house");
  await field.press("Enter");
  await expect(tile("Pilot house")).toBeVisible();
  const renamed = await (await page.request.get(`/api/jobs/${id}/job`)).json();
  expect(renamed.name).toBe("Pilot house");

  await more("Pilot house", "Copy");
  await expect(tile("Copy of Pilot house")).toContainText("1 wall, 2 days");

  await more("Copy of Pilot house", "Put away");
  await expect(tile("Copy of Pilot house")).toHaveCount(0);
  const away = page.getByRole("region", { name: "Put away" });
  await away.getByRole("button", { name: /^Put away/ }).click();
  await expect(away).toContainText("Copy of Pilot house");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(tile("Copy of Pilot house")).toBeVisible();

  await more("Copy of Pilot house", "Delete");
  await expect(tile("Copy of Pilot house")).toHaveCount(0);
  const deleted = page.getByRole("region", { name: "Deleted in the last month" });
  await deleted.getByRole("button", { name: /^Deleted/ }).click();
  await deleted.getByRole("button", { name: "Bring back Copy of Pilot house" }).click();
  await expect(tile("Copy of Pilot house")).toBeVisible();
  await expectAccessible(page);
});

/** Presses of keys as a hand makes them: of what is typed each letter counts. */
function countedKeys(page: Page) {
  let presses = 0;
  const press = async (key: string) => {
    presses++;
    // As long as a finger takes: an arrow that is let go of at once moves the focus and chooses nothing.
    await page.keyboard.press(key, { delay: key.startsWith("Arrow") ? 60 : 0 });
  };
  const type = async (text: string) => {
    presses += text.length;
    await page.keyboard.type(text);
  };
  /** Tab, until something has the focus. */
  const reach = async (role: "textbox" | "button" | "radio" | "link", label: string | RegExp) => {
    const target = page.getByRole(role, { name: label }).first();
    await expect(target).toBeAttached();
    for (let tab = 0; tab < 60; tab++) {
      if (await target.evaluate((element) => element === document.activeElement).catch(() => false)) return;
      await press("Tab");
    }
    throw new Error(`${label} is not reached by Tab`);
  };
  const choose = async (choice: string) => {
    await press("ArrowRight");
    await expect(page.getByRole("radio", { name: choice })).toBeChecked();
  };
  return { press, type, reach, choose, presses: () => presses };
}

test("a new job goes to a printed sheet by the keyboard alone, in inches with litres and in millimetres", async ({
  page,
}) => {
  for (const [units, width, height, size] of [
    ["feet and inches", `12' 3 1/2"`, `8' 2"`, /ft²/],
    ["millimetres", "3.75 m", "2490", /m²/],
  ] as const) {
    const started = Date.now();
    const { press, type, reach, choose, presses } = countedKeys(page);
    await page.goto("/");
    await reach("link", "To a new job");
    await press("Enter");
    await expect(page.getByRole("textbox", { name: "What it is called" })).toBeFocused();
    await type("Hall");
    if (units === "millimetres") {
      await press("Tab");
      await choose("millimetres");
      await reach("button", "Start the job");
    }
    await press("Enter");
    await page.waitForURL(/add-wall$/);
    await expect(page.getByRole("textbox", { name: "What you call it" })).toBeFocused();
    await type("West");
    await reach("radio", "from a level line");
    await choose("as a plain rectangle");
    await reach("textbox", "Width");
    await type(width);
    await reach("textbox", "Height");
    await type(height);
    await reach("button", "Add this wall");
    await press("Enter");
    await page.waitForURL(/measure$/);
    await press("2");
    await page.waitForURL(/pattern$/);
    await reach("button", "Lay out stripes");
    await press("Enter");
    await expect(page.getByRole("heading", { name: "Stripes" })).toBeVisible();
    await expect(page.getByRole("status").first()).toHaveText("Saved");
    // Buy works at once: usual tins, without prices yet.
    await press("4");
    await expect(page.getByRole("region", { name: "Colour 1" })).toContainText(/\d+ ×|L|ml/);
    await expect(page.getByRole("contentinfo")).toContainText("without a price");
    await press("/");
    await expect(page.getByRole("combobox", { name: "Find" })).toBeFocused();
    await type("print");
    await press("Enter");
    await expect(page.getByRole("heading", { name: /^Marks/ })).toBeVisible();
    await expect(page.getByRole("article")).toContainText(size);
    await expect(page.getByRole("article")).toContainText(/ (L|ml)/);
    console.log(`By keys in ${units}: ${presses()} presses, ${Math.round((Date.now() - started) / 1000)} s`);
    expect(presses()).toBeLessThanOrEqual(60);
  }
});

test("three hundred jobs stand on the list at once, and none is planned for it", async ({ page }) => {
  const names = Array.from({ length: 300 }, (_, index) => `Berth ${index + 1}`);
  for (const name of names) await makeJob(page, stripedWall(name));
  const start = Date.now();
  await page.goto("/");
  await expect(page.getByText("Berth 1", { exact: true })).toBeVisible();
  await expect(page.getByText("Berth 300", { exact: true })).toBeVisible();
  expect(Date.now() - start).toBeLessThan(8000);
  // 29, 129, 229, and 290 to 299.
  await page.getByLabel("Find a job").fill("berth 29");
  await expect(page.getByRole("region", { name: "Jobs" }).getByRole("listitem")).toHaveCount(13);
});
