import { expectAccessible } from "./support/faults";
import { atRest, choose, expect, makeJob, stripedWall, test } from "./support/test";

test("a new user goes from a name to a printed sheet", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("What it is called").fill("Boat house");
  await page.getByRole("button", { name: "Start the job" }).click();
  await page.getByLabel("What you call it").fill("Long wall");
  await page.getByRole("radio", { name: "as a plain rectangle" }).click();
  await page.getByLabel("Width").fill("nine feet");
  await page.getByLabel("Height").fill("8 ft");
  await page.getByRole("button", { name: "Add this wall" }).click();
  await expect(page.getByText("“nine feet” is not a length.")).toBeVisible();
  await expect(page.getByLabel("Width")).toHaveValue("nine feet");
  await expectAccessible(page);
  await page.getByLabel("Width").fill(`9' 4 3/8"`);
  await expect(page.getByText("= 2854.3 mm")).toBeVisible();
  await page.getByRole("button", { name: "Add this wall" }).click();

  await expect(page.getByRole("heading", { name: "Measure" })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel("Skirting").fill("4 3/8");
  await page.getByLabel("Skirting").press("Enter");
  await page.getByRole("link", { name: "Pattern" }).click();
  await page.getByRole("button", { name: "Lay out stripes" }).click();
  const ways = page.getByRole("region", { name: "Ways to divide" });
  const other = ways
    .getByRole("button", { pressed: false })
    .filter({ hasText: /^\d+ of/ })
    .first();
  await other.click();
  await expect(ways.getByRole("button", { pressed: true })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole("link", { name: "Mark" }).click();
  const marks = page.getByRole("region", { name: "Marks", exact: true }).getByRole("checkbox");
  await expect(marks.first()).toBeVisible();
  const count = await marks.count();
  expect(count).toBeGreaterThan(3);
  await expect(page.getByRole("status")).toHaveText("Saved");

  await page.reload();
  await expect(marks).toHaveCount(count);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Screen for a sunlit room" }).click();
  await expectAccessible(page);
  await page.getByRole("link", { name: "Print the setting-out sheet" }).click();
  await expect(page.getByRole("heading", { name: `Marks (${count})` })).toBeVisible();
  await expectAccessible(page);
  const document = await (await page.request.get("/api/jobs/boat-house/job")).json();
  expect(document.walls[0]).toMatchObject({ width: `9' 4 3/8"`, skirting: "4 3/8 in" });
});

test("a broken file is explained place by place and changes nothing", async ({ page }) => {
  await page.goto("/");
  const before = await page.getByRole("region", { name: "Jobs" }).getByRole("listitem").count();
  const broken = {
    ...stripedWall("Broken"),
    walls: [{ id: "w", width: "12 parsecs", height: 2600, base: "mauve" }],
  };
  const choose = (name: string, text: string) =>
    page
      .getByLabel("Bring in a job file")
      .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });
  await choose("broken.json", JSON.stringify(broken));
  const alert = page.getByRole("alert").filter({ hasText: "broken.json" });
  await expect(alert).toContainText("broken.json was not taken in. Nothing was changed.");
  await expect(alert).toContainText('walls[0].width: "12 parsecs" is not a length');
  await page.reload();
  await expect(page.getByRole("region", { name: "Jobs" }).getByRole("listitem")).toHaveCount(before);
  await choose("good.json", JSON.stringify(stripedWall("Taken in")));
  await expect(page.getByRole("heading", { name: "Stripes" })).toBeVisible();
});

test("a line is dragged, moved by keys, and put back by undo", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Dragged"));
  await page.goto(`/jobs/${id}/w/pattern`);
  const note = page.getByText(/^13 stripes of/).last();
  await expect(note).toBeVisible();
  const wall = page.getByRole("group", { name: /Wall view/ });
  const box = (await wall.boundingBox())!;
  // The first line of 13 stands at 324 mm; a fifth to the right makes stripes of 389 mm: 4215 / 389 = 10.8, so 11.
  const line = page.locator("[data-draggable]").first();
  const at = (await line.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2 + 5, box.y + box.height / 2);
  await page.mouse.move(at.x + at.width / 2 + 11, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/^1[12] stripes of/).last()).toBeVisible();
  const dragged = await page
    .getByText(/^1[12] stripes of/)
    .last()
    .textContent();
  const slider = page.getByRole("slider");
  await slider.focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText(dragged!).last()).toBeHidden();
  await page.keyboard.press("Control+z");
  await expect(page.getByText(dragged!).last()).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(note).toBeVisible();
  await page.keyboard.press("Control+Shift+z");
  await expect(page.getByText(dragged!).last()).toBeVisible();
});

test("a cure is applied with its button, and a field refuses what cannot be", async ({ page }) => {
  const plate = { id: "s", name: "switch plate", kind: "plate", x: 310, y: 1150, width: 86, height: 86 };
  const id = await makeJob(
    page,
    stripedWall("Cured", { wall: { fixtures: [plate] }, finish: { fit: { by: "count", count: 14 } } }),
  );
  await page.goto(`/jobs/${id}/w/pattern`);
  const findings = page.getByRole("list", { name: "Findings" });
  await expect(findings).toContainText("8.9 mm from the switch plate");
  await findings.getByRole("button").first().click();
  await expect(page.getByText("8.9 mm from the switch plate")).toBeHidden();
  await choose(page, "Divide by", "By count");
  await page.getByLabel("Stripes", { exact: true }).fill("5000");
  await page.getByLabel("Stripes", { exact: true }).press("Enter");
  await expect(page.getByText(/expected at most 2000/)).toBeVisible();
  await expect(page.getByLabel("Stripes", { exact: true })).toHaveValue("5000");
});

test("any station and command is found by typing a few letters of it", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Found"));
  await page.goto(`/jobs/${id}/w/measure`);
  await page.keyboard.press("/");
  await page.keyboard.type("wall buy");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Buy", exact: true })).toBeVisible();
  await page.keyboard.press("6");
  await expect(page.getByRole("heading", { name: "Mark", exact: true })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("heading", { name: "Buy", exact: true })).toBeVisible();
  await page.keyboard.press("/");
  await page.keyboard.type("show feet");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("radio", { name: "ft in" })).toBeChecked();
});

test("what is typed before the search is there comes into it, and Enter goes there", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Early"));
  let letGo = () => {};
  const isLetGo = new Promise<void>((resolve) => (letGo = resolve));
  await page.route(/\.js$/, async (route) => {
    const response = await route.fetch();
    if ((await response.text()).includes("A wall, a station, something to do")) await isLetGo;
    await route.fulfill({ response });
  });
  await page.goto(`/jobs/${id}/w/measure`, { waitUntil: "load" });
  await page.keyboard.press("/");
  await page.keyboard.type("wall buy");
  await page.keyboard.press("Enter");
  letGo();
  await expect(page.getByRole("heading", { name: "Buy", exact: true })).toBeVisible();
  await page.keyboard.press("/");
  await expect(page.getByRole("combobox", { name: "Find" })).toHaveValue("");
  // What is still on its way is let go with the page.
  await page.unrouteAll({ behavior: "ignoreErrors" });
});

test("marking goes on without a connection, and what is marked is kept", async ({ page, context }) => {
  const id = await makeJob(page, stripedWall("Offline"));
  await page.goto(`/jobs/${id}/w/mark`);
  // What a page fetches ahead has come.
  await page.waitForLoadState("networkidle");
  await context.setOffline(true);
  await page.getByRole("button", { name: "Call out" }).click();
  const called = page.getByRole("dialog", { name: /^Mark 1 of 12/ });
  await expect(called).toContainText("324 mm");
  await expect(called).toContainText("Tape right of the mark");
  await expectAccessible(page);
  await page.keyboard.press("Space");
  await expect(page.getByRole("dialog", { name: /^Mark 2 of 12/ })).toContainText("648 mm");
  await page.getByRole("button", { name: /Done, next/ }).click();
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("dialog", { name: /^Mark 2 of 12/ })).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("region", { name: "Marks" }).getByText("2 of 12")).toBeVisible();
  await context.setOffline(false);
  await page.reload();
  await expect(page.getByRole("region", { name: "Marks" }).getByText("2 of 12")).toBeVisible();
});

test("two windows that edit the same job meet, and either may hold; what does not overlap goes together", async ({
  page,
  context,
}) => {
  const id = await makeJob(page, stripedWall("Two windows"));
  // Neither hears at once that the other has saved.
  await context.route("**/live", (route) => route.abort());
  const second = atRest(await context.newPage());
  await page.goto(`/jobs/${id}/w/measure`);
  await second.goto(`/jobs/${id}/w/measure`);
  const setSkirting = async (on: typeof page, value: string) => {
    await on.getByLabel("Skirting").fill(value);
    await on.getByLabel("Skirting").press("Enter");
  };
  await setSkirting(page, "120 mm");
  await expect(page.getByRole("status")).toHaveText("Saved");
  await setSkirting(second, "130 mm");
  const panel = second.getByRole("alert", { name: "Changed elsewhere" });
  await expect(panel).toContainText("walls.w.skirting");
  await expect(panel).toContainText("130 mm");
  await expect(panel).toContainText("120 mm");
  await panel.getByRole("button", { name: "Keep mine" }).click();
  await expect(second.getByRole("status")).toHaveText("Saved");
  const saved = async () => (await (await page.request.get(`/api/jobs/${id}/job`)).json()).walls[0].skirting;
  expect(await saved()).toBe("130 mm");
  await setSkirting(page, "140 mm");
  await page.getByRole("button", { name: "Take theirs" }).click();
  await expect(page.getByLabel("Skirting")).toHaveValue("130 mm");
  await expect(page.getByRole("status")).toHaveText("Saved");
  expect(await saved()).toBe("130 mm");
  await setSkirting(page, "150 mm");
  await expect(page.getByRole("status")).toHaveText("Saved");
  await second.getByLabel("Width", { exact: true }).fill("4.1 m");
  await second.getByLabel("Width", { exact: true }).press("Enter");
  await expect(second.getByLabel("Skirting")).toHaveValue("150 mm");
  await expect(second.getByRole("status")).toHaveText("Saved");
  expect(await saved()).toBe("150 mm");
  // What undo leads to has the other's change in it.
  await second.getByRole("button", { name: "Undo" }).click();
  await expect(second.getByLabel("Width", { exact: true })).toHaveValue(/4215/);
  await expect(second.getByLabel("Skirting")).toHaveValue("150 mm");
});
