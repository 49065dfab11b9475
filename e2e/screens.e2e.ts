import { readFileSync } from "node:fs";
import { expect, makeJob, stripedWall, test, unfold } from "./support/test";

test("finishes are laid in another order by the keyboard; what lies below shows where it is free", async ({
  page,
}) => {
  const blocks = [{ shape: "rectangle", x: 500, y: 500, width: 900, height: 900, colour: "kelp" }];
  const document = stripedWall("Order");
  const block = { id: "b", on: "w", kind: "blocks", blocks };
  const id = await makeJob(page, { ...document, finishes: [...document.finishes, block] });
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.getByRole("button", { name: /^Move layer 2, colour blocks/ }).focus();
  const told = page.locator("[id^=DndLiveRegion]");
  await page.keyboard.press("Space");
  await expect(told).toContainText("moved over droppable area b");
  await page.keyboard.press("ArrowLeft");
  await expect(told).toContainText("moved over droppable area f");
  await page.keyboard.press("Space");
  const stack = page.getByRole("group", { name: "Finishes on this wall" });
  await expect(stack.getByRole("button", { name: "1. Colour blocks", exact: true })).toBeVisible();
  await expect(page.getByRole("status").first()).toHaveText("Saved");
  const saved = await (await page.request.get(`/api/jobs/${id}/job`)).json();
  expect(saved.finishes.map((finish: { id: string }) => finish.id)).toEqual(["b", document.finishes[0]!.id]);
});

test("sections fold and stay so; the marks are taken along as CSV", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Folded"));
  await page.goto(`/jobs/${id}/w/mark`);
  const marks = page.getByRole("region", { name: "Marks", exact: true });
  // What is the same of all twelve is said once.
  await expect(marks.getByRole("heading", { level: 4 })).toHaveText(
    /^along the level line, from the left ?tape right at odd numbers, tape left at even ones/,
  );
  await expect(marks.getByRole("checkbox")).toHaveCount(12);
  const download = page.waitForEvent("download");
  await marks.getByRole("button", { name: "Keep the table of Marks as CSV" }).click();
  const lines = readFileSync((await (await download).path())!, "utf8")
    .trim()
    .split("\r\n");
  expect(lines[0]).toBe("No.,Reading,Tape and place");
  expect(lines).toHaveLength(13);
  expect(lines[1]).toBe("1,324 mm,tape right");
  await marks.getByRole("button", { name: /^Marks/ }).click();
  await expect(marks.getByRole("checkbox")).toHaveCount(0);
  await page.reload();
  await expect(marks.getByRole("checkbox")).toHaveCount(0);
});

test("a wall of a thousand pieces is drawn on a canvas, moves with the hand, and its lists are windowed", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Many", { finish: { fit: { by: "count", count: 800 } } }));
  await page.goto(`/jobs/${id}/w/mark`);
  const marks = page.getByRole("region", { name: "Marks", exact: true });
  await expect(marks.getByText("0 of 799")).toBeVisible();
  expect(await marks.getByRole("checkbox").count()).toBeLessThan(80);
  const canvas = page.locator("canvas[data-pieces]");
  await expect(canvas).toHaveAttribute("data-pieces", "800");
  const colourAt = (share: number) =>
    canvas.evaluate((element, at) => {
      const { width, height } = element as HTMLCanvasElement;
      const context = (element as HTMLCanvasElement).getContext("2d")!;
      return [...context.getImageData(Math.round(width * at), Math.round(height / 2), 1, 1).data].join();
    }, share);
  const painted = await colourAt(0.5);
  expect(painted.endsWith(",255")).toBe(true);
  const view = page.getByRole("group", { name: /Wall view/ });
  await view.focus();
  const drawn = await canvas.getAttribute("data-drawn");
  for (let press = 0; press < 6; press++) await page.keyboard.press("+");
  await expect(canvas).not.toHaveAttribute("data-drawn", drawn!);
  // What has no room by its side is told by its hatch, in the drawing itself.
  await page.getByRole("button", { name: "Hatch" }).click();
  await expect(canvas).toHaveCount(0);
});

test("paint is told in the measure that it is bought in, and a paint has the usual tins of its material", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Measures", { job: { units: "imperial", volumes: "us" } }));
  await page.goto(`/jobs/${id}/w/buy`);
  await unfold(page, "Kelp");
  await expect(page.getByRole("region", { name: "Kelp", exact: true })).toContainText("ft² a gallon");
  await page.getByRole("button", { name: "Paint", exact: true }).click();
  await unfold(page, "Paints of this job");
  const paints = page.getByRole("region", { name: "Paints of this job" });
  await paints.getByText("New paint").click();
  const editor = paints.getByRole("group").filter({ hasText: "New paint" });
  await expect(editor).toContainText("Usual tins");
  const tins = editor.getByLabel("Tin", { exact: true });
  await expect(tins).toHaveCount(3);
  await expect(tins.last()).toHaveValue("1 gal");
  // A list that is only the usual one follows the material: plaster comes in quarts and gallons.
  await editor.getByRole("combobox", { name: "Material" }).click();
  await page.getByRole("option", { name: "metallic plaster", exact: true }).click();
  await expect(tins).toHaveCount(2);
  await expect(tins.first()).toHaveValue("1 qt");
  // A price makes a tin the painter's own: the list stays then.
  await editor.getByLabel("Price, EUR").first().fill("64");
  await editor.getByLabel("Price, EUR").first().press("Enter");
  await editor.getByRole("combobox", { name: "Material" }).click();
  await page.getByRole("option", { name: "wall paint", exact: true }).click();
  await expect(tins).toHaveCount(2);
  await expect(page.getByRole("status").first()).toHaveText("Saved");
});

test("a button of an icon alone says what it does when it is pointed at, or reached by the keyboard", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Hints"));
  await page.goto(`/jobs/${id}/w/pattern`);
  const hint = page.getByRole("tooltip");
  const add = page.getByRole("button", { name: "Lay another over it" });
  await add.hover();
  await expect(hint).toHaveText("Lay another over it");
  await page.mouse.move(400, 500);
  await expect(hint).toHaveCount(0);
  await page.getByRole("button", { name: "Take off" }).focus();
  await page.keyboard.press("Shift+Tab");
  await expect(add).toBeFocused();
  await expect(hint).toHaveText("Lay another over it");
  // What the key does takes the button away, and the hint with it.
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Back" })).toBeVisible();
  await expect(hint).toHaveCount(0);
});

test("a missing measure of a new wall is told at its field, and one that is written is kept", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Another wall"));
  await page.goto(`/jobs/${id}/add-wall`);
  await page.getByRole("button", { name: "Add this wall" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Read two stations at least" })).toBeVisible();
  await page.getByRole("radio", { name: "as a plain rectangle" }).click();
  await page.getByLabel("Width", { exact: true }).fill("2.4 m");
  await page.getByRole("button", { name: "Add this wall" }).click();
  await expect(page.getByText("Write the height.")).toBeVisible();
  await expect(page.getByText("Write the width.")).toHaveCount(0);
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue("2.4 m");
  await page.getByLabel("Height", { exact: true }).fill("2500");
  await page.getByRole("button", { name: "Add this wall" }).click();
  await expect(page).toHaveURL(/wall\/measure$/);
});

test("a wrong address says what was looked for and where it may be; a page has its title", async ({
  page,
}) => {
  const id = await makeJob(page, { ...stripedWall("Net loft"), name: "Net loft" });
  await page.goto(`/jobs/${id}/w/pattern`);
  await expect(page).toHaveTitle(/^Pattern - .* - Net loft - Jacaranda$/);
  await page.goto(`/print/${id}/nowhere`);
  await expect(page.getByText("Net loft has no such wall or page.")).toBeVisible();
  await page.goto("/jobs/net-lofts");
  await expect(page.getByRole("heading", { name: "Nothing here" })).toBeVisible();
  await expect(page.getByText('There is no job called "net-lofts" here', { exact: false })).toBeVisible();
  await page
    .getByRole("navigation", { name: "Ways on" })
    .getByRole("link", { name: "Net loft" })
    .first()
    .click();
  await page.waitForURL(/\/pattern$/);
});

test("the keyboard skips to the card, and arrow keys choose between two ways", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Arrows"));
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.keyboard.press("Tab");
  const skip = page.getByRole("link", { name: "To the card" });
  await expect(skip).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.locator("#card")).toBeFocused();
  const units = page.getByRole("radiogroup", { name: "Units" });
  const checked = units.getByRole("radio", { checked: true });
  const before = await checked.textContent();
  // A key that is pressed before the page listens is pressed again.
  await expect(async () => {
    await checked.focus();
    await page.keyboard.press("ArrowRight", { delay: 60 });
    await expect(checked).not.toHaveText(before!, { timeout: 2000 });
  }).toPass();
});
