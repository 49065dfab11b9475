import type { Locator } from "@playwright/test";
import { plan } from "../core/job/plan";
import { parseJob } from "../core/job/parseJob";
import { sceneOf } from "../core/look/scene";
import { drawTile, tilesOf, type View } from "../core/look/views";
import { expectAccessible } from "./support/faults";
import { choose, expect, makeJob, stripedWall, test } from "./support/test";

const lime = (more: object = {}, wall: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Lime",
  units: "metric",
  paints: [
    { id: "oyster", hex: "#E9E2D0" },
    { id: "mineral-white", hex: "#F2EFE8", material: "mineral-primer" },
    { id: "lime-stone", hex: "#D9CDB4", material: "limewash" },
  ],
  walls: [{ id: "w", name: "Dormer", width: 3000, height: 4500, base: "oyster", ...wall }],
  finishes: [{ id: "f", on: "w", kind: "limewash", paint: "lime-stone", primer: "mineral-white", seed: 3 }],
  ...more,
});

/** A sum over all digits of a picture that every change moves (FNV-1a, 32 bit). */
function hashOf(digits: ArrayLike<number>): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < digits.length; index++)
    hash = Math.imul(hash ^ digits[index]!, 0x01000193) >>> 0;
  return hash;
}
/** The same of what is on a canvas, summed up where it is. */
const shownOn = (canvas: Locator): Promise<number> =>
  canvas.evaluate((element: HTMLCanvasElement) => {
    const { data } = element.getContext("2d")!.getImageData(0, 0, element.width, element.height);
    let hash = 0x811c9dc5;
    for (const digit of data) hash = Math.imul(hash ^ digit, 0x01000193) >>> 0;
    return hash;
  });
const whole = { timeout: 20_000 };

test("limewash that one hand cannot join at 30 C is refused, and a button brings the second", async ({
  page,
}) => {
  const id = await makeJob(page, lime({ work: { temperature: 30 } }));
  await page.goto(`/jobs/${id}/w/colour`);
  const noticed = page.getByRole("region", { name: "Noticed" });
  // 4.5 x 0.6 m at 0.25 m2 a minute are 10.8 minutes; at 30 C the edge stays wet for 10.
  await expect(noticed).toContainText("on after 10.8 minutes, and the edge stays wet for 10 minutes");
  await noticed.getByRole("button", { name: "Plan 2 pairs of hands" }).click();
  await expect(page.getByRole("region", { name: "Wet edges" })).toContainText("all joined wet");
  await expect(noticed).toHaveCount(0);
  await expectAccessible(page);
});

test("the look is the same to the last digit in the browser as it is worked out here; eye and lamp move it", async ({
  page,
}) => {
  const document = lime({}, { width: 700, height: 500 });
  const id = await makeJob(page, document);
  await page.goto(`/jobs/${id}/w/colour`);
  const square = page.getByRole("img", { name: "The wall as it will look, square on" });
  await expect(square).toHaveAttribute("data-done", "1", whole);
  const answer = parseJob(document);
  if (!answer.ok) throw new Error("The document does not hold.");
  const { job } = answer;
  const scene = sceneOf({ wall: job.walls[0]!, plan: plan(job).walls[0]!, paints: job.paints });
  const view: View = {
    from: { kind: "square" },
    lighting: { by: "day", from: "left" },
    width: 350,
    height: 250,
  };
  const here = new Uint8ClampedArray(view.width * view.height * 4);
  for (const tile of tilesOf(view)) {
    const pixels = drawTile(scene, view, tile);
    for (let row = 0; row < tile.height; row++)
      here.set(
        pixels.subarray(row * tile.width * 4, (row + 1) * tile.width * 4),
        ((tile.y + row) * view.width + tile.x) * 4,
      );
  }
  expect(await shownOn(square)).toBe(hashOf(here));

  const standing = page.getByRole("img", { name: "The wall as it will look from where you stand" });
  await expect(standing).toHaveAttribute("data-done", "1", whole);
  const before = await shownOn(standing);
  await page.getByRole("textbox", { name: "Off the wall" }).fill("900");
  await page.getByRole("textbox", { name: "Off the wall" }).press("Enter");
  await expect(async () => expect(await shownOn(standing)).not.toBe(before)).toPass(whole);
  const board = page.getByRole("img", { name: "The sample board as it will look" });
  await expect(board).toHaveAttribute("data-done", "1", whole);
  const atNoon = await shownOn(board);
  await page.getByLabel("At", { exact: true }).click();
  await page.getByRole("option", { name: "18:00" }).click();
  await expect(async () => expect(await shownOn(board)).not.toBe(atNoon)).toPass(whole);
  await page.getByLabel("In which light").click();
  await page.getByRole("option", { name: "raking lamp at the left" }).click();
  await expect(async () => expect(await shownOn(square)).not.toBe(hashOf(here))).toPass(whole);
  await page.getByRole("textbox", { name: "Off the wall" }).fill("10");
  await page.getByRole("textbox", { name: "Off the wall" }).press("Enter");
  await expect(page.getByText("Expected 300 to 20000 mm.")).toBeVisible();
});

test("a mix is measured at Colour; a first section waits for the client at Days", async ({ page }) => {
  await page.goto("/jobs/the-ferry-landing-upper-rooms/gable/colour");
  const mix = page.getByRole("region", { name: "Mix Dune" });
  await expect(mix).toContainText("its label allows 31");
  // Twice the tint is over its label.
  await mix.getByText("Its parts").click();
  await mix.getByRole("textbox", { name: "Parts of Ochre tint" }).fill("0.4");
  await mix.getByRole("textbox", { name: "Parts of Ochre tint" }).press("Enter");
  await expect(page.getByRole("region", { name: "Noticed" })).toContainText("Too much tint weakens the film");
  await mix.getByLabel("Another part").click();
  await page.getByRole("option", { name: "Kelp" }).click();
  await expect(mix.getByRole("textbox", { name: "Parts of Kelp" })).toHaveValue("1");
  await mix.getByRole("button", { name: "No Kelp in it" }).click();
  await expect(mix.getByRole("textbox", { name: "Parts of Kelp" })).toHaveCount(0);
  await page.goto("/jobs/the-ferry-landing-upper-rooms/gable/days");
  await expect(page.getByText(/ask the client, and write the answer down/).first()).toBeAttached();
});

test("trowelled sections as they look from the doorway, and what the next one is laid with", async ({
  page,
}) => {
  await page.goto("/jobs/the-ferry-landing-upper-rooms/gable/colour");
  const sections = page.getByRole("region", { name: "Trowelled, as it comes out" });
  const number = sections.getByRole("combobox");
  const tap = async (look: RegExp, next: RegExp) => {
    await sections.getByRole("button", { name: look }).first().click();
    await expect(number).toHaveText(next);
  };
  await tap(/^as planned/, /^2 of/);
  await tap(/^more of/, /^3 of/);
  await tap(/^more of/, /^4 of/);
  await expect(sections.getByText(/Lay the next section with \d+ % of it, not less at once/)).toBeVisible();
  for (const section of [3, 2]) {
    await number.click();
    await page.getByRole("option", { name: new RegExp(`^${section} of`) }).click();
    await sections.getByRole("button", { name: "Take it back" }).click();
  }
  await expect(sections.getByText(/Lay the next section with/)).toHaveCount(0);
});

test("paper by keyboard alone: another start, and its seams at Mark", async ({ page }) => {
  const paper = {
    id: "f",
    on: "w",
    kind: "paper",
    roll: { width: 530, length: 10050 },
    repeat: 640,
    match: "straight",
  };
  const id = await makeJob(page, lime({ finishes: [paper] }, { width: 3200, height: 2600 }));
  await page.goto(`/jobs/${id}/w/pattern`);
  // The first ends a trim short, at 520; five more widths leave 30 of 3200.
  await expect(page.getByText("The sheet at an end is only 30 mm wide", { exact: false })).toBeVisible();
  const cure = page.getByRole("button", { name: /^Widest ends/ });
  await cure.focus();
  await page.keyboard.press("Enter");
  await expect(cure).toHaveCount(0);
  await page.keyboard.press("6");
  await page.waitForURL(/\/mark$/);
  await expect(page.getByText(/sheet 1 \| sheet 2/).first()).toBeAttached();
  await expect(page.getByText("Cut list").first()).toBeAttached();
});

test("sets are made, shown on the wall, refused with a reason and taken; a palette comes in or says why not", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Colours to choose from"));
  await page.goto(`/jobs/${id}/w/colour`);
  const sets = page.getByRole("region", { name: "Sets of colours" });
  await sets.getByText("Read a colour off something").click();
  await choose(page, "The simulated reader is held to", "Kelp");
  await sets.getByRole("button", { name: "Read 5 spots" }).click();
  await expect(
    sets.getByRole("list", { name: "Nearest paints" }).getByRole("listitem").first(),
  ).toContainText(/Kelp: \d\.\d, (cannot be told apart|close)\./);
  // A spot may be misread at once: then all are read again.
  await expect(async () => {
    const isRead = await sets
      .getByRole("img", { name: /^From their mean: spot 1 \d+\.\d.*; spot 2/ })
      .isVisible();
    if (!isRead) await sets.getByRole("button", { name: "Read 5 spots" }).click();
    expect(isRead).toBe(true);
  }).toPass({ intervals: [4000] });
  await sets.getByText("Palettes").click();
  const palette = sets.getByLabel("Bring a palette in");
  const file = (text: string) => ({ name: "quay.gpl", mimeType: "text/plain", buffer: Buffer.from(text) });
  await palette.setInputFiles(file("GIMP Palette\n#\n999 0 0\n"));
  await expect(sets.getByRole("alert")).toContainText("Line 3 is no colour");
  await palette.setInputFiles(file("GIMP Palette\n#\n 47  93  98\tBrine\n184  80  47\tBuoy\n"));
  await expect(sets).toContainText("2 colours came in as paints.");

  await sets.getByRole("button", { name: "Another set of colours" }).click();
  await sets.getByRole("button", { name: "More of Set 1" }).click();
  await choose(page, "In the place of Kelp", "Brine");
  await sets.getByRole("button", { name: "Another set of colours" }).click();
  await sets.getByRole("button", { name: "Show Set 2 on the wall" }).click();
  await expect(sets).toContainText("The wall is shown in Set 2.");
  await expect(sets).toContainText("2nd of 3");
  await sets.getByRole("button", { name: "As it is", exact: true }).click();

  const what = sets.getByRole("group", { name: "What becomes of Set 1" });
  await what.getByLabel("In their words").fill("too cold by the window");
  await what.getByRole("button", { name: "Refuse it" }).click();
  await expect(sets).toContainText("refused");
  await expect(sets).toContainText("“too cold by the window”");
  await what.getByRole("button", { name: "Not refused after all" }).click();
  await expect(sets).not.toContainText("refused");
  await expect(sets).not.toContainText("agreed");
  await what.getByLabel("Who decides").fill("The client");
  await what.getByRole("button", { name: "Take this set" }).click();
  await expect(sets.getByRole("button", { name: "Show As it was on the wall" })).toBeVisible();
  await expect(page.getByRole("contentinfo", { name: "Ledger" })).toContainText("Brine");
  await expectAccessible(page);
});

test("a board is painted and looked at by each light; what is missing is said, and a no settles it", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Boards on the window seat"));
  await page.goto(`/jobs/${id}/w/colour`);
  const boards = page.getByRole("region", { name: "Boards", exact: true });
  await boards.getByText("Plan a board").click();
  await choose(page, "What it is of", "Kelp");
  await choose(page, "How it is tried", "a chip");
  await expect(boards).toContainText("Judged the same day");
  await choose(page, "How it is tried", "a board");
  await boards.getByRole("radio", { name: "sample paint" }).click();
  await boards.getByRole("button", { name: "Plan B1" }).click();
  await expect(boards).toContainText("2 coats");
  await expect(boards).toContainText("To paint its walls once more");
  // It stands in the days, before the walls.
  await page.goto(`/jobs/${id}/w/days`);
  await expect(
    page
      .getByRole("list")
      .getByText(/Board B1, of Kelp: coat 1 of 2/)
      .first(),
  ).toBeVisible();
  await page.goto(`/jobs/${id}/w/colour`);
  await boards.getByLabel("Where it hangs").fill("by the hatch");
  await boards.getByRole("button", { name: "Board B1 is painted" }).click();
  await expect(boards).toContainText("Painted, 2 coats; hangs by the hatch");
  await expect(boards).toContainText("B1 was of sample paint");
  await expect(boards).toContainText("A yes still needs morning, midday, evening, lamp.");
  const look = boards.getByRole("group", { name: "A look at B1" });
  await look.getByRole("button", { name: "Yes" }).click();
  await expect(boards).toContainText("A yes still needs midday, evening, lamp.");
  for (let count = 0; count < 3; count++) {
    await look.getByRole("button", { name: "Yes" }).click();
    await expect(boards.getByText(": not yet")).toHaveCount(2 - count);
  }
  await expect(boards).toContainText("Yes in every light: it can be decided.");
  await look.getByLabel("In the client's words").fill("green by the lamp");
  await look.getByRole("button", { name: "No", exact: true }).click();
  await expect(boards).toContainText("A no: “green by the lamp”. That settles it.");
  await page.reload();
  await expect(boards).toContainText("That settles it.");
  await expectAccessible(page);
});
