import type { Locator, Page } from "@playwright/test";
import { expectAccessible } from "./support/faults";
import { choose, expect, makeJob, mixedWall, stripedWall, test, unfold } from "./support/test";

test("a mix is predicted beside what is meant, made of what comes nearest, and its batches are told with how they dried", async ({
  page,
}) => {
  const water = { water: true, parts: 0.9 };
  const id = await makeJob(page, mixedWall("Mixed by eye", { parts: [water], container: "2 L" }));
  await page.goto(`/jobs/${id}/w/colour`);
  const mix = page.getByRole("region", { name: "Mix Dune" });
  const colour = mix.getByRole("group", { name: "Colour of the mix Dune" });
  await expect(colour).toContainText("apart: another colour. No batch of it has dried yet");
  await expect(colour).toContainText(/ml of Ochre tint more in a batch would bring it to/);
  const waterOf = async () => {
    const [water, all] = await mix.getByRole("row").evaluateAll((rows) => {
      const ml = (row: Element) =>
        Number(/([\d ]+) ml/.exec(row.textContent ?? "")?.[1]?.replace(" ", "") ?? 0);
      const wet = rows.filter((row) => row.textContent?.startsWith("water")).map(ml)[0]!;
      return [wet, rows.map(ml).reduce((sum, one) => sum + one, 0)];
    });
    return water! / all!;
  };
  const before = await waterOf();
  await colour.getByRole("button", { name: "Mix it of these" }).click();
  await expect(colour.getByRole("button", { name: "Mix it of these" })).toHaveCount(0);
  // As thin as it was: 0.9 of 9.9 parts.
  expect(Math.abs(before - 1 / 11)).toBeLessThan(0.01);
  expect(Math.abs((await waterOf()) - 1 / 11)).toBeLessThan(0.01);

  await mix.getByText("A batch is made").click();
  const bench = mix.getByRole("group", { name: "The bench, batch 1" });
  const measureOf = async (name: string) =>
    Number(
      /([\d ]+) ml/.exec((await bench.getByRole("listitem").filter({ hasText: name }).textContent())!)![1],
    );
  const ochre = await measureOf("Ochre tint");
  for (const more of ["more", "more", "more", "less"])
    await bench.getByRole("button", { name: `small spoon, 5 ml ${more} of Ochre tint` }).click();
  expect(await measureOf("Ochre tint")).toBe(ochre + 10);
  // What went in outlives a reload.
  await page.reload();
  await mix.getByText("A batch is made").click();
  expect(await measureOf("Ochre tint")).toBe(ochre + 10);
  await bench.getByLabel("As it dried, if you can tell").fill("#d2b27a");
  await bench.getByLabel("Use by").fill("2027-03-01");
  await bench.getByRole("button", { name: "Batch 1 is made" }).click();
  await expect(mix).toContainText(/Batch 1 of 1: .* ml Oyster/);
  await expect(mix).toContainText("from what is meant");
  await mix.getByRole("button", { name: "Make it the recipe batch 1" }).click();
  await mix.getByText("Its parts").click();
  await expect(mix.getByLabel("Parts of Ochre tint")).toHaveValue(String(ochre + 10));
  await page.goto(`/print/${id}/labels`);
  await expect(page.getByRole("listitem")).toContainText(["batch 1 of 1"]);
  await expect(page.getByRole("listitem").first()).toContainText("Use by 2027-03-01");
  await page.goto(`/jobs/${id}/w/colour`);
  await expect(colour).toContainText(/One batch dried \d+\.\d off what was predicted/);
  await mix.getByRole("button", { name: "Take back batch 1" }).click();
  await expect(colour).toContainText("No batch of it has dried yet");
  await expectAccessible(page);
});

test("a mix over its label's limit is told, and who takes the risk is written down", async ({ page }) => {
  const limit = { of: "ochre", in: "oyster", ml_per_l: 60 };
  const id = await makeJob(page, mixedWall("Too much tint", { limit }));
  await page.goto(`/jobs/${id}/w/colour`);
  const mix = page.getByRole("region", { name: "Mix Dune" });
  await expect(mix).toContainText("its label allows 60");
  await mix.getByText("The board was made so: take the risk").click();
  await mix.getByLabel("Who knows and accepts it").fill("The client");
  await mix.getByRole("button", { name: "Write the risk down" }).click();
  await expect(mix).toContainText("The client has taken the risk: this recipe is repeated exactly.");
  await page.reload();
  await expect(mix).toContainText("The client has taken the risk");
  await mix.getByText("Its parts").click();
  await mix.getByLabel("Parts of Ochre tint").fill("0.9");
  await mix.getByLabel("Parts of Ochre tint").press("Enter");
  // Another recipe is not what was agreed.
  await expect(page.getByText(/Dune was agreed as 8 oyster : 1 ochre/).first()).toBeVisible();
});

test("a photo of the room: its corners are marked by keyboard, the look is laid in, and the picture is kept", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("In their own room"));
  await page.goto(`/jobs/${id}/w/colour`);
  await unfold(page, "In the client's own room");
  await page.getByRole("button", { name: "Into a photo of the room" }).click();
  const dialog = page.getByRole("dialog", { name: /in its own room/ });
  await dialog.getByLabel("A photo of the wall").setInputFiles({
    name: "no picture.txt",
    mimeType: "text/plain",
    buffer: Buffer.from("no picture"),
  });
  await expect(dialog.getByRole("alert")).toContainText("not a picture");
  await dialog.getByLabel("A photo of the wall").setInputFiles({
    name: "room.png",
    mimeType: "image/png",
    buffer: await greyRoom(page),
  });
  const laid = dialog.getByRole("img", { name: "The room as it will look: a prediction" });
  await expect(laid).toBeVisible();
  const corner = dialog.getByRole("button", { name: /^Lower left corner/ });
  await expect(corner).toHaveAccessibleName(/15 % across, 80 % down/);
  await corner.press("ArrowLeft");
  await corner.press("Shift+ArrowDown");
  await expect(corner).toHaveAccessibleName(/14\.9 % across, 81 % down/);
  await dialog.getByRole("slider", { name: "Before and after" }).fill("100");
  // The middle of the wall is no more as grey as the photo is.
  await expect.poll(() => colourAt(laid, 0.5, 0.5)).not.toEqual([150, 150, 150]);
  expect(await colourAt(laid, 0.03, 0.03)).toEqual([150, 150, 150]);
  // Crossed corners are no wall.
  for (let count = 0; count < 70; count++) await corner.press("Shift+ArrowRight");
  for (let count = 0; count < 30; count++) await corner.press("Shift+ArrowUp");
  await expect(dialog.getByRole("alert")).toContainText("cross or dent in");
  for (let count = 0; count < 70; count++) await corner.press("Shift+ArrowLeft");
  for (let count = 0; count < 30; count++) await corner.press("Shift+ArrowDown");
  await dialog.getByRole("button", { name: "Keep this picture" }).click();
  await expect(dialog).toContainText("Kept with the job's pictures.");
  await expectAccessible(page);
  await page.reload();
  await page.getByRole("button", { name: "Into a photo of the room" }).click();
  await expect(corner).toHaveAccessibleName(/14\.9 % across, 81 % down/);
  await expect(laid).toBeVisible();
});

test("a colour is read off a photo: places picked by hand and by keys, under the light that is stated", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Read off a photo"));
  await page.goto(`/jobs/${id}/w/colour`);
  await page.getByText("Read a colour off something").click();
  const input = page.getByLabel("Off a photo");
  await input.setInputFiles({ name: "x.png", mimeType: "image/png", buffer: Buffer.from("no picture") });
  await expect(page.getByText("This is not a picture that the browser can read.")).toBeVisible();
  await input.setInputFiles({ name: "grey.png", mimeType: "image/png", buffer: await greyRoom(page) });
  const photo = page.getByRole("button", { name: "Pick a place of the photo" });
  await photo.click({ position: { x: 40, y: 30 } });
  await expect(page.getByText("1 spot read, 0.0 off their mean.")).toBeVisible();
  await photo.press("ArrowRight");
  await photo.press("Enter");
  await expect(page.getByText("2 spots read, 0.0 off their mean.")).toBeVisible();
  // Grey it is as the camera has balanced it: kept so, it is a paint of that colour.
  await page.getByRole("button", { name: "Keep it as a paint" }).click();
  const paints = async () =>
    (
      (await (await page.request.get(`/api/jobs/${id}/job`)).json()) as {
        paints: { name: string; hex: string }[];
      }
    ).paints;
  await expect
    .poll(async () => (await paints()).at(-1))
    .toMatchObject({ name: "Read off a photo", hex: "#969696" });
  // The same digits under a lamp are a blue: the lamp took that out of the white.
  await choose(page, "It was taken in", "a lamp, 2700 K");
  await page.getByRole("button", { name: "Keep it as a paint" }).click();
  await expect.poll(async () => (await paints()).length).toBe(4);
  const lamp = (await paints()).at(-1)!.hex;
  expect(parseInt(lamp.slice(5), 16)).toBeGreaterThan(parseInt(lamp.slice(1, 3), 16) + 30);
  await expectAccessible(page);
});

/** A photo of nothing but grey. */
async function greyRoom(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [800, 600];
    const context = canvas.getContext("2d")!;
    context.fillStyle = "#969696";
    context.fillRect(0, 0, 800, 600);
    return canvas.toDataURL("image/png");
  });
  return Buffer.from(url.split(",")[1]!, "base64");
}

/** A pixel of a canvas, at shares of its sides. */
const colourAt = (canvas: Locator, x: number, y: number): Promise<number[]> =>
  canvas.evaluate(
    (element: HTMLCanvasElement, [across, down]) => [
      ...element
        .getContext("2d")!
        .getImageData(across! * element.width, down! * element.height, 1, 1)
        .data.slice(0, 3),
    ],
    [x, y],
  );
