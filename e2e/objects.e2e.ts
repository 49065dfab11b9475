import { choose, expect, makeJob, stripedWall, test, unfold } from "./support/test";

test("a cloth is measured, printed within its edges, washed before and set by an iron after", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Linen for the tea room"));
  await page.goto(`/jobs/${id}/add-wall`);
  await page.getByRole("radio", { name: "a flat object" }).click();
  await choose(page, "It is a", "fabric");
  await page.getByRole("button", { name: "Add this object" }).click();
  await expect(page.getByText("Write the width.")).toBeVisible();
  await page.getByLabel("What you call it").fill("Table cloth");
  await page.getByLabel("Width", { exact: true }).fill("1200");
  await page.getByLabel("Height", { exact: true }).fill("800");
  await page.getByRole("button", { name: "Add this object" }).click();
  await expect(page).toHaveURL(/table-cloth\/measure$/);
  await expect(page.getByLabel("It lies on")).toHaveValue("card in film");
  // What only a wall has is not asked for.
  await expect(page.getByLabel("Skirting")).toHaveCount(0);
  await page.keyboard.press("2");
  await page.getByRole("button", { name: "Stencil border" }).click();
  await page.getByRole("button", { name: /^Runs: / }).click();
  await page.getByRole("button", { name: "within the edges" }).click();
  await unfold(page, "All its measures");
  await expect(page.getByRole("textbox", { name: "Off the edges" })).toBeVisible();
  await page.goto(`/jobs/${id}/table-cloth/days`);
  const days = page.getByRole("region", { name: "Day by day" });
  await expect(days.getByText(/Wash it as it will be washed later, without softener/)).toBeVisible();
  // The first day stands open; the iron comes a day after the print.
  const heads = await days.locator("summary").all();
  for (const head of heads.slice(1)) await head.click();
  await expect(days.getByText(/Set the paint with an iron/)).toBeVisible();
});

test("marks are added where overlays have nothing to be laid by", async ({ page }) => {
  const square = (size: number) => `M ${-size} ${-size} h ${2 * size} v ${2 * size} h ${-2 * size} z`;
  const sheet = {
    id: "tile",
    name: "Tile",
    repeat: { x: 300, y: 300 },
    overlays: [
      { id: "1", cuts: [{ slot: "field", path: square(90) }] },
      { id: "2", cuts: [{ slot: "knot", path: square(30) }] },
    ],
  };
  const printed = {
    id: "f",
    on: "w",
    kind: "stencil-field",
    stencil: "tile",
    colours: { field: "kelp", knot: "oyster" },
  };
  const id = await makeJob(page, stripedWall("Tiles", { job: { stencils: [sheet], finishes: [printed] } }));
  await page.goto(`/jobs/${id}/w/pattern`);
  const offer = page.getByText("Nothing to lay its overlays by");
  await expect(offer).toBeVisible();
  await page.getByRole("button", { name: "Add three marks" }).click();
  await expect(offer).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(offer).toBeVisible();
});
