import { expectAccessible } from "./support/faults";
import { expect, makeJob, stripedWall, test, unfold } from "./support/test";

const bench = { id: "bench", name: "bench", kind: "furniture", x: 900, y: 0, width: 1500, height: 820 };

test("a block is sized from a piece of furniture, laid over stripes, and taken in hand again", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Blocks", { wall: { fixtures: [bench] } }));
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.getByRole("button", { name: "Lay another over it" }).click();
  await page.getByRole("region", { name: "Finishes" }).getByRole("button", { name: "colour blocks" }).click();
  await expect(page.getByRole("heading", { name: "Colour blocks" })).toBeVisible();
  const above = page.getByLabel("Above", { exact: true });
  await expect(above).toHaveValue("500 mm");
  await above.fill("380");
  await above.press("Enter");
  await expect(page.getByRole("status").first()).toHaveText("Saved");
  const plan = await (await page.request.get(`/api/jobs/${id}/plan`)).json();
  const block = plan.walls[0].regions.find(({ name }: { name: string }) => name === "block 1");
  // 1500 and 150 on both sides, up to 820 + 380; the skirting of 95 is not painted.
  expect(block.area_m2).toBeCloseTo(1.8 * (1.2 - 0.095), 9);
  const stack = page.getByRole("group", { name: "Finishes on this wall" });
  await stack.getByRole("button", { name: "1. Stripes", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Stripes" })).toBeVisible();
  await stack.getByRole("button", { name: "2. Colour blocks", exact: true }).click();
  await page.getByRole("button", { name: "Take off" }).click();
  await expect(page.getByRole("heading", { name: "Stripes" })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(stack.getByRole("button", { name: "2. Colour blocks", exact: true })).toBeVisible();
  await expectAccessible(page);
});

test("taped lines are picked by the keyboard, shuffled again, and counted in faces", async ({ page }) => {
  const id = await makeJob(page, { ...stripedWall("Lines"), finishes: [] });
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.getByRole("button", { name: /taped lines/ }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Shuffle again" })).toBeVisible();
  const faces = async () => {
    await expect(page.getByRole("status").first()).toHaveText("Saved");
    const plan = await (await page.request.get(`/api/jobs/${id}/plan`)).json();
    return plan.walls[0].regions.map(({ colour }: { colour: string }) => colour) as string[];
  };
  const before = await faces();
  expect(before.length).toBeGreaterThanOrEqual(6);
  await page.getByRole("button", { name: "Shuffle again" }).click();
  await expect.poll(async () => (await faces()).length).toBe(before.length);
  // A slip is explained at its field, and nothing is lost.
  await unfold(page, "All its measures");
  const along = page.getByRole("textbox", { name: "Point 1, along" }).first();
  await along.fill("wide");
  await along.press("Enter");
  await expect(page.getByText("“wide” is not a length.")).toBeVisible();
  await along.press("Escape");
  await page.getByRole("button", { name: "Take it out" }).first().click();
  await expect.poll(async () => (await faces()).length).toBeLessThan(before.length);
});

test("arches list their strings at Mark", async ({ page }) => {
  const finish = {
    kind: "arches",
    centre: [2100, 95],
    outerRadius: 1300,
    bands: [{ width: 240, colour: "kelp" }, { gap: 45 }, { width: 165, colour: "kelp" }],
    colours: undefined,
    fit: undefined,
  };
  const id = await makeJob(page, stripedWall("Arches", { finish }));
  await page.goto(`/jobs/${id}/w/mark`);
  const strings = page.getByRole("region", { name: "Strings" });
  await expect(strings.getByRole("listitem")).toHaveText([
    "1300 mm",
    "1060 mm, 240 mm shorter",
    "1015 mm, 45 mm shorter",
    "850 mm, 165 mm shorter",
  ]);
});

test("brick: another number of courses, fewer guide lines, what it takes otherwise, and its order at Days", async ({
  page,
}) => {
  const id = await makeJob(page, {
    format: "jacaranda-job/1",
    name: "Brick",
    paints: [{ id: "oyster" }, { id: "driftwood", name: "Driftwood" }],
    walls: [{ id: "w", width: 2380, height: 2655, base: "oyster" }],
    finishes: [
      {
        id: "f",
        on: "w",
        kind: "brick",
        face: { width: 228, height: 68 },
        start: "left",
        colour: "driftwood",
      },
    ],
  });
  await page.goto(`/jobs/${id}/w/pattern`);
  const ways = page.getByRole("region", { name: "Ways to lay it out" });
  await expect(ways.getByRole("button", { pressed: true })).toContainText("34 courses");
  await ways.getByRole("button", { name: /^35 courses, beds of 8/ }).click();
  await expect(ways.getByRole("button", { pressed: true })).toContainText("35 courses");
  await page.getByRole("button", { name: "A guide line every 2 courses" }).click();
  await expect(page.getByRole("button", { name: "Courses to a guide line: 2" })).toBeVisible();
  await page.getByRole("button", { name: /^Other ways to this look/ }).click();
  const table = page.getByRole("table", { name: "Ways beside each other" });
  await expect(table.getByRole("row")).toHaveCount(4);
  await page.goto(`/jobs/${id}/w/days`);
  await page.getByRole("radio", { name: "Driftwood" }).click();
  await expect(page.getByText(/places in \d+ loads/)).toBeVisible();
  await expect(page.locator("[data-order] circle").first()).toBeAttached();
});
