import type { Page } from "@playwright/test";
import { expect, makeJob, stripedWall, test } from "./support/test";

const skirting = (page: Page) => page.getByLabel("Skirting");
const status = (page: Page) => page.getByRole("status").first();

const saved = async (page: Page, id: string): Promise<unknown> => {
  const document = (await (await page.request.get(`/api/jobs/${id}/job`)).json()) as {
    walls: { skirting: unknown }[];
  };
  return document.walls[0]!.skirting;
};

const refuseSaves = (page: Page, id: string) =>
  page.route(`**/api/jobs/${id}/job`, (route) =>
    route.request().method() === "PUT" ? route.fulfill({ status: 503, body: "{}" }) : route.continue(),
  );

/** A skirting that is changed while saves are refused. */
async function changeUnsaved(page: Page, id: string, value: string, told: RegExp): Promise<void> {
  await page.goto(`/jobs/${id}/w/measure`);
  await refuseSaves(page, id);
  await skirting(page).fill(value);
  await skirting(page).press("Enter");
  await expect(status(page)).toHaveText(told);
}

/** A browser whose storage is off, full, or silent. */
const storages = {
  off: () => {
    const denied = { get: () => { throw new DOMException("denied", "SecurityError"); } }; // prettier-ignore
    Object.defineProperty(window, "localStorage", denied);
    Object.defineProperty(window, "indexedDB", denied);
  },
  full: () => {
    const full = () => { throw new DOMException("full", "QuotaExceededError"); }; // prettier-ignore
    Storage.prototype.setItem = full;
    IDBObjectStore.prototype.put = full;
  },
  silent: () => {
    Storage.prototype.setItem = () => { throw new DOMException("full", "QuotaExceededError"); }; // prettier-ignore
    IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest;
  },
} as const;

for (const [name, script] of Object.entries(storages)) {
  test(`with storage ${name} and saves failing, the line says so, every way out asks, and Home sends it`, async ({
    page,
  }) => {
    await page.addInitScript(script);
    const id = await makeJob(page, stripedWall(`Storage ${name}`));
    await changeUnsaved(page, id, "121 mm", /^Not saved, not kept/);
    const bar = page.getByRole("alert", { name: "Not kept" });
    await expect(bar).toContainText("leave this window open");
    const download = page.waitForEvent("download");
    await bar.getByRole("button", { name: "Take the job along as a file" }).click();
    expect((await download).suggestedFilename()).toBe(`${id}.jacaranda.json`);
    // A link within the application asks; dismissed, all stays as it is.
    const asked: string[] = [];
    page.on("dialog", (dialog) => {
      asked.push(dialog.type());
      void (asked.length === 1 ? dialog.dismiss() : dialog.accept());
    });
    const home = page.getByRole("link", { name: "Jacaranda, all jobs" });
    await home.click();
    await expect(skirting(page)).toHaveValue(/121/);
    // So does another address; accepted here, yet stayed by Home's own link first.
    await home.click();
    const left = page.getByRole("status", { name: "Not saved yet" });
    await expect(left).toContainText("Leave this window open");
    expect(asked).toEqual(["confirm", "confirm"]);
    await page.goto("/shopping/" + id);
    expect(asked).toEqual(["confirm", "confirm", "beforeunload"]);
  });
}

test("what only the window holds is sent from whatever page is open, once the program takes it", async ({
  page,
}) => {
  await page.addInitScript(storages.full);
  const id = await makeJob(page, stripedWall("Only here"));
  await changeUnsaved(page, id, "122 mm", /^Not saved, not kept/);
  page.on("dialog", (dialog) => void dialog.accept());
  await page.getByRole("link", { name: "Jacaranda, all jobs" }).click();
  await expect(page.getByRole("status", { name: "Not saved yet" })).toContainText("Only here");
  await page.unroute(`**/api/jobs/${id}/job`);
  await expect.poll(() => saved(page, id)).toBe("122 mm");
});

test("an unsent change of one job goes out from the page of another", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Left"));
  const other = await makeJob(page, stripedWall("Opened first"));
  await changeUnsaved(page, id, "123 mm", /^Not saved, kept here/);
  await page.goto("about:blank");
  await page.unroute(`**/api/jobs/${id}/job`);
  await page.goto(`/jobs/${other}/w/measure`);
  await expect.poll(() => saved(page, id)).toBe("123 mm");
});

const waysOut: Record<string, (page: Page, id: string) => Promise<unknown>> = {
  Back: (page) => page.goBack(),
  reload: (page) => page.reload(),
  "another address": (page) => page.goto("/"),
  closing: (page) => page.close({ runBeforeUnload: true }),
};

for (const [way, go] of Object.entries(waysOut)) {
  test(`a length typed and not entered is entered on ${way}`, async ({ page, context }) => {
    const id = await makeJob(page, stripedWall(`Typed, ${way}`));
    await page.goto("/");
    await page
      .getByRole("link", { name: `Typed, ${way}` })
      .first()
      .click();
    await page.goto(`/jobs/${id}/w/measure`);
    await skirting(page).fill("131 mm");
    await go(page, id);
    const looking = way === "closing" ? await context.newPage() : page;
    await expect.poll(() => saved(looking, id)).toBe("131 mm");
  });
}

test("what is typed and not understood stands in its field again, and so does a wall that is half read", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Half typed"));
  await page.goto(`/jobs/${id}/w/measure`);
  await skirting(page).fill("11 cubits");
  await page.reload();
  await expect(skirting(page)).toHaveValue("11 cubits");
  await expect(skirting(page)).toHaveAttribute("aria-invalid", "true");
  expect(await saved(page, id)).toBe(95);
  // The same within the application, where the address changes before the field goes.
  await page.getByRole("link", { name: /Mark/ }).first().click();
  await expect(page).toHaveURL(/mark$/);
  await page.goBack();
  await expect(skirting(page)).toHaveValue("11 cubits");
  await skirting(page).fill("133 mm");
  await page.getByRole("link", { name: /Mark/ }).first().click();
  await expect.poll(() => saved(page, id)).toBe("133 mm");
  await page.goto(`/jobs/${id}/w/measure`);
  await page.goto(`/jobs/${id}/add-wall`);
  await page.getByLabel("What you call it").fill("Ferry side");
  await page.getByRole("radio", { name: "as a plain rectangle" }).click();
  await page.getByLabel("Width").fill("3.41 m");
  await page.getByRole("link", { name: "Test wall" }).first().click();
  await expect(page).toHaveURL(new RegExp(`/jobs/${id}/w/`));
  await page.goBack();
  await expect(page.getByLabel("What you call it")).toHaveValue("Ferry side");
  await expect(page.getByLabel("Width")).toHaveValue(/3410|3\.41/);
});
