import type { Page } from "@playwright/test";
import { launch, removeFolder, startServer, stopServer } from "./support/server";
import { atRest, expect, makeJob, stripedWall, test } from "./support/test";

const status = (page: Page) => page.getByRole("status").first();

async function setSkirting(page: Page, value: string): Promise<void> {
  await page.getByLabel("Skirting").fill(value);
  await page.getByLabel("Skirting").press("Enter");
}

async function skirtingOf(page: Page, id: string): Promise<unknown> {
  const document = (await (await page.request.get(`/api/jobs/${id}/job`)).json()) as {
    walls: { skirting: unknown }[];
  };
  return document.walls[0]!.skirting;
}

test("what is saved is what is shown when one comes back from the sheet, from Home and from another page", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Comes back"));
  await page.goto(`/jobs/${id}/w/measure`);
  await setSkirting(page, "111 mm");
  await expect(status(page)).toHaveText("Saved");
  await page.getByRole("link", { name: "Print the setting-out sheet" }).click();
  await expect(page.getByRole("heading", { name: /^Marks/ })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel("Skirting")).toHaveValue(/111/);
  await setSkirting(page, "112 mm");
  await expect(status(page)).toHaveText("Saved");
  await expect(page.getByRole("alert", { name: "Changed elsewhere" })).toHaveCount(0);
  // Someone else saves while this page is away: it shows theirs, and nothing to decide.
  await page.getByRole("link", { name: "Jacaranda, all jobs" }).click();
  await expect(page.getByRole("heading", { name: "A new job" })).toBeVisible();
  const response = await page.request.get(`/api/jobs/${id}/job`);
  const document = (await response.json()) as { walls: object[] };
  document.walls = [{ ...document.walls[0], skirting: 113 }];
  const version = response.headers()["etag"]!;
  const put = { data: document, headers: { "if-match": version } };
  expect((await page.request.put(`/api/jobs/${id}/job`, put)).status()).toBe(200);
  await page.goBack();
  await expect(page.getByLabel("Skirting")).toHaveValue(/113/);
  await setSkirting(page, "114 mm");
  await expect(status(page)).toHaveText("Saved");
  await page.reload();
  await expect(page.getByLabel("Skirting")).toHaveValue(/114/);
});

test("a change that cannot be saved outlives leaving, and is sent from Home", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Left for Home"));
  await page.goto(`/jobs/${id}/w/measure`);
  await page.route(`**/api/jobs/${id}/job`, (route) =>
    route.request().method() === "PUT" ? route.fulfill({ status: 500, body: "{}" }) : route.continue(),
  );
  await setSkirting(page, "121 mm");
  await expect(status(page)).toHaveText(/^Not saved, kept here/);
  await page.getByRole("link", { name: "Jacaranda, all jobs" }).click();
  const left = page.getByRole("status", { name: "Not saved yet" });
  await expect(left).toContainText("Left for Home has a change that is not saved yet");
  expect(await skirtingOf(page, id)).toBe(95);
  await page.unroute(`**/api/jobs/${id}/job`);
  await expect(left).toHaveCount(0);
  expect(await skirtingOf(page, id)).toBe("121 mm");
});

test("a change that cannot be saved outlives a closed tab, and is there when the job is opened", async ({
  page,
  context,
}) => {
  const id = await makeJob(page, stripedWall("Closed tab"));
  const first = atRest(await context.newPage());
  await first.goto(`/jobs/${id}/w/measure`);
  // Offline, so that not even what is sent on closing arrives.
  await context.setOffline(true);
  await setSkirting(first, "131 mm");
  await expect(status(first)).toHaveText(/^Not saved, kept here/);
  await first.close();
  await context.setOffline(false);
  await page.goto(`/jobs/${id}/w/measure`);
  await expect(page.getByLabel("Skirting")).toHaveValue(/131/);
  await expect(page.getByRole("region", { name: "Left unsaved before" })).toContainText("saved now");
  await expect.poll(() => skirtingOf(page, id)).toBe("131 mm");
  await page.reload();
  await expect(page.getByRole("region", { name: "Left unsaved before" })).toHaveCount(0);
});

test("an unsent change against a newer document is for the painter to decide", async ({ page, context }) => {
  const id = await makeJob(page, stripedWall("Both changed"));
  const first = atRest(await context.newPage());
  await first.goto(`/jobs/${id}/w/measure`);
  // Offline, so that not even what is sent on closing arrives.
  await context.setOffline(true);
  await setSkirting(first, "141 mm");
  await expect(status(first)).toHaveText(/^Not saved, kept here/);
  await first.close();
  await context.setOffline(false);
  const theirs = stripedWall("Both changed", { wall: { skirting: 150 } });
  await page.request.put(`/api/jobs/${id}/job`, { data: theirs, headers: { "if-match": '"1"' } });
  await page.goto(`/jobs/${id}/w/measure`);
  const panel = page.getByRole("alert", { name: "Changed elsewhere" });
  await expect(panel).toContainText("141 mm");
  await expect(panel).toContainText("150");
  await panel.getByRole("button", { name: "Keep mine" }).click();
  await expect.poll(() => skirtingOf(page, id)).toBe("141 mm");
});

test("a save whose answer is lost counts once and is no conflict", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Lost answer"));
  await page.goto(`/jobs/${id}/w/measure`);
  let lost = 0;
  await page.route(`**/api/jobs/${id}/job`, async (route) => {
    if (route.request().method() !== "PUT" || lost++ > 0) return route.continue();
    await route.fetch();
    await route.abort();
  });
  await setSkirting(page, "151 mm");
  await expect(status(page)).toHaveText(/^Not saved, kept here/);
  // Typed before the program is asked again: the first document comes back, and is known as one's own.
  await setSkirting(page, "152 mm");
  await expect(status(page)).toHaveText("Saved");
  await expect(page.getByRole("alert", { name: "Changed elsewhere" })).toHaveCount(0);
  expect(await skirtingOf(page, id)).toBe("152 mm");
  expect((await page.request.get(`/api/jobs/${id}/job`)).headers()["etag"]).toBe('"3"');
});

test("with the program stopped work goes on, and is saved when it is back", async ({ browser }) => {
  const server = await startServer();
  const page = atRest(await browser.newPage({ baseURL: server.url }));
  const id = await makeJob(page, stripedWall("Away"));
  await page.goto(`/jobs/${id}/w/measure`);
  await stopServer(server);
  await setSkirting(page, "161 mm");
  await expect(status(page)).toHaveText(/^Not saved, kept here/);
  const again = await launch({ PORT: String(server.port), JACARANDA_DATA: server.data });
  await expect(status(page)).toHaveText("Saved", { timeout: 20_000 });
  expect(await skirtingOf(page, id)).toBe("161 mm");
  await page.close();
  await stopServer({ ...server, process: again.process });
  removeFolder(server.data);
});

test("a plan that fails leaves the last in sight and the document editable", async ({ page }) => {
  await page.addInitScript(() => {
    const Real = window.Worker;
    window.Worker = class extends Real {
      override postMessage(message: unknown, transfer: unknown) {
        if ((window as { failPlans?: boolean }).failPlans)
          setTimeout(() => this.dispatchEvent(new ErrorEvent("error", { message: "planted" })));
        else super.postMessage(message, transfer as Transferable[]);
      }
    };
  });
  const id = await makeJob(page, stripedWall("Fails"));
  await page.goto(`/jobs/${id}/w/measure`);
  const fail = (on: boolean) => page.evaluate((value) => Object.assign(window, { failPlans: value }), on);
  await fail(true);
  await setSkirting(page, "171 mm");
  const bar = page.getByRole("region", { name: "Planning" });
  await expect(bar).toContainText("could not be planned");
  await expect(
    page
      .getByRole("region", { name: /Ledger/i })
      .or(page.locator("footer"))
      .first(),
  ).toBeVisible();
  await expect(status(page)).toHaveText("Saved");
  await fail(false);
  await bar.getByRole("button", { name: "Undo it" }).click();
  await expect(bar).toHaveCount(0);
  await expect(page.getByLabel("Skirting")).toHaveValue(/95/);
});
