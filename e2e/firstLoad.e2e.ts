import { expect, makeJob, stripedWall, test } from "./support/test";

test("a page loads what a screen needs of the finishes and not their work, compressed at the build", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("First load"));
  const scripts: Promise<{ text: string; encoding: string | undefined; bytes: number }>[] = [];
  page.on("response", (response) => {
    if (response.request().resourceType() !== "script") return;
    scripts.push(
      (async () => ({
        text: await response.text(),
        encoding: await response.headerValue("content-encoding").then((value) => value ?? undefined),
        bytes: (await response.request().sizes()).responseBodySize,
      }))(),
    );
  });
  await page.goto(`/jobs/${id}/w/pattern`);
  const all = await Promise.all(scripts);
  expect(all.length).toBeGreaterThan(5);
  expect(new Set(all.map(({ encoding }) => encoding))).toEqual(new Set(["br"]));
  const text = all.map((script) => script.text).join();
  // What the card of stripes says is there; what a coat, a print or a roll of paper has to say at the wall is not.
  expect(text).toContain("Stripe width");
  for (const said of ["Mask each mitre", "front and open", 'why-paper-roll":()', "Snap-off blade to cut"])
    expect(text, said).not.toContain(said);
  expect(all.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThan(300_000);
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
  await expect(page.getByLabel("Width", { exact: true })).toHaveValue(/2400/);
  await page.getByLabel("Height", { exact: true }).fill("2500");
  await page.getByRole("button", { name: "Add this wall" }).click();
  await expect(page).toHaveURL(/wall\/measure$/);
});
