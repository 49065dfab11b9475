import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { expectAccessible } from "./support/faults";
import { removeFolder, startServer, stopServer } from "./support/server";
import { atRest, expect, makeJob, stripedWall, test, unfold } from "./support/test";

const next = (page: Page) => page.getByRole("region", { name: "Next" });
const tell = (page: Page, what: string) =>
  next(page).getByRole("button", { name: what, exact: true }).click();

interface Told {
  readonly entries: readonly { readonly entry: { readonly kind: string; readonly by: string } }[];
}
const toldOf = async (page: Page, id: string): Promise<string[]> => {
  const { entries } = (await (await page.request.get(`/api/jobs/${id}/journal`)).json()) as Told;
  return entries.map(({ entry }) => entry.kind);
};

test("a day is told on two browsers, one of them without a connection, and something is taken back", async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await makeJob(page, stripedWall("Told by two"));
  const steps = await browser.newContext({ baseURL });
  const phone = atRest(await steps.newPage());
  for (const one of [page, phone]) await one.goto(`/jobs/${id}/w/days`);
  await expect(next(page)).toContainText("Nothing has been told yet");
  await tell(page, "Begin");
  await expect(next(page)).toContainText(/Under way since \d\d:\d\d/);
  // The other follows by itself.
  await expect(next(phone)).toContainText(/Under way since \d\d:\d\d/);
  await steps.setOffline(true);
  await tell(phone, "Done");
  await expect(next(phone).getByRole("status")).toContainText(
    "1 told and not sent yet: kept in this browser",
  );
  await tell(phone, "Done already");
  await expect(next(phone).getByRole("status")).toContainText("2 told");
  await expect(next(page)).toContainText("Under way");
  expect(await toldOf(page, id)).toEqual(["began"]);
  // The page that told it is gone before the connection is back: another page of the browser sends it.
  await phone.close();
  await steps.setOffline(false);
  const home = atRest(await steps.newPage());
  await home.goto("/");
  await expect.poll(() => toldOf(page, id)).toEqual(["began", "finished", "finished"]);
  await expect(next(page)).not.toContainText("Under way");
  await unfold(page, "What was told");
  const told = page.getByRole("region", { name: "What was told" });
  await expect(told.getByRole("listitem")).toHaveCount(3);
  const after = await next(page).innerText();
  await told
    .getByRole("button", { name: /^Take back: Done: / })
    .first()
    .click();
  await expect(next(page)).not.toHaveText(after);
  await told.getByRole("button", { name: /^Count it again: / }).click();
  await expect
    .poll(() =>
      next(page)
        .innerText()
        .then((text) => text.split("\n")[2]),
    )
    .toBe(after.split("\n")[2]);
  await expectAccessible(page);
  await steps.close();
});

test("marks that are ticked are known on every device, and to be made anew once they read otherwise", async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await makeJob(page, stripedWall("Ticked"));
  await page.goto(`/jobs/${id}/w/mark`);
  const marks = (on: Page) => on.getByRole("region", { name: "Marks" });
  await marks(page).getByRole("checkbox").first().check();
  await expect(marks(page)).toContainText("1 of 12");
  const other = await browser.newContext({ baseURL });
  const phone = atRest(await other.newPage());
  await phone.goto(`/jobs/${id}/w/mark`);
  await expect(marks(phone)).toContainText("1 of 12");
  await marks(page).getByRole("checkbox").nth(1).check();
  await expect(marks(phone)).toContainText("2 of 12");
  await marks(phone).getByRole("checkbox").first().uncheck();
  await expect(marks(page)).toContainText("1 of 12");
  // A wall that turns out wider moves its lines.
  const document = stripedWall("Ticked", { wall: { width: 4280 } });
  await page.request.put(`/api/jobs/${id}/job`, { data: document, headers: { "if-match": '"1"' } });
  await expect(marks(page)).toContainText(/0 of 1/);
  await other.close();
});

test("a job goes with what happened on it to another folder, and on from there", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Goes along"));
  await page.goto(`/jobs/${id}/w/days`);
  await tell(page, "Done already");
  await expect.poll(() => toldOf(page, id)).toEqual(["finished"]);
  const going = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export the job with what happened on it" }).click();
  const file = await (await going).path();
  const elsewhere = await startServer();
  try {
    await page.goto(elsewhere.url);
    const taken = {
      name: "goes-along.jacaranda.zip",
      mimeType: "application/zip",
      buffer: readFileSync(file),
    };
    await page.getByLabel(/^Bring in a job file/).setInputFiles(taken);
    await expect(page).toHaveURL(/goes-along\/w\/pattern$/);
    await page.keyboard.press("5");
    await tell(page, "Begin");
    await unfold(page, "What was told");
    await expect(page.getByRole("region", { name: "What was told" }).getByRole("listitem")).toHaveCount(2);
    // What is no bundle is explained, and changes nothing.
    await page.goto(elsewhere.url);
    const broken = { ...taken, buffer: readFileSync(file).subarray(0, 400) };
    await page.getByLabel(/^Bring in a job file/).setInputFiles(broken);
    await expect(page.getByText(/not a zip that can be read/)).toBeVisible();
  } finally {
    await stopServer(elsewhere);
    removeFolder(elsewhere.data);
  }
});
