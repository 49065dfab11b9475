import { expect, test, makeJob, stripedWall, unfold } from "./support/test";

const ring = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">
  <path fill="#224466" d="M0 0H100V100H0Z M40 40V60H60V40Z"/></svg>`;
const strokes = `<svg xmlns="http://www.w3.org/2000/svg"><path fill="none" stroke="#000" d="M0 0L9 9"/></svg>`;

test("a field of another sheet, its columns at Mark, and a drawing of one's own that falls apart", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Reeds"));
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.getByRole("button", { name: "Lay another over it" }).click();
  await page.getByRole("button", { name: "Lay out stencil, all over" }).click();
  const sheet = page.getByRole("region", { name: "Sheet", exact: true });
  const choice = (name: string) => sheet.getByRole("listitem").getByRole("button", { name, exact: true });
  await expect(choice("Reed")).toHaveAttribute("aria-pressed", "true");
  await choice("Net").click();
  await expect(choice("Net")).toHaveAttribute("aria-pressed", "true");
  await expect(sheet.getByText("Upside down it prints the same.", { exact: false })).toBeVisible();

  const drawing = sheet.getByLabel("Drawing of a sheet");
  const file = (name: string, text: string) => ({
    name,
    mimeType: "image/svg+xml",
    buffer: Buffer.from(text),
  });
  await drawing.setInputFiles(file("lines.svg", strokes));
  await expect(sheet.getByRole("alert")).toHaveText(/strokes, which have no width to cut/);
  // One that takes its time can be stopped, and changes nothing.
  await page.evaluate(() => {
    const { postMessage } = Worker.prototype;
    // Other workers may have something to say just now, too.
    Worker.prototype.postMessage = function (
      message: unknown,
      more?: StructuredSerializeOptions | Transferable[],
    ) {
      if (!JSON.stringify(message).includes("H100V100"))
        return postMessage.call(this, message, more as StructuredSerializeOptions);
      Worker.prototype.postMessage = postMessage;
    };
  });
  await drawing.setInputFiles(file("slow.svg", ring));
  await sheet.getByRole("button", { name: "Stop reading" }).click();
  await expect(sheet.getByRole("button", { name: "SVG" })).toBeVisible();
  await expect(choice("slow")).toHaveCount(0);
  await drawing.setInputFiles(file("ring.svg", ring));
  await expect(choice("ring")).toHaveAttribute("aria-pressed", "true");
  await expect(sheet.getByText("1 piece falls out: nothing holds it.")).toBeVisible();
  await sheet.getByRole("button", { name: "Hold with bridges" }).click();
  await expect(sheet.getByText("1 piece falls out", { exact: false })).toHaveCount(0);
  await expect(choice("ring")).toHaveAttribute("aria-pressed", "true");

  await page.goto(`/jobs/${id}/w/mark`);
  await unfold(page, "Marks");
  await expect(page.getByText(/the middle of column \d+/).first()).toBeVisible();
});

test("a border around a window by the keyboard alone, and its legs", async ({ page }) => {
  const id = await makeJob(page, {
    format: "jacaranda-job/1",
    name: "Border",
    paints: [{ id: "oyster" }, { id: "kelp" }],
    walls: [
      {
        id: "w",
        width: 4000,
        height: 2600,
        base: "oyster",
        openings: [{ id: "o", name: "window", kind: "window", x: 1500, y: 900, width: 900, height: 900 }],
      },
    ],
    finishes: [],
  });
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.getByRole("button", { name: "Lay out stencil border" }).focus();
  await page.keyboard.press("Enter");
  const measures = page.getByRole("button", { name: /^All its measures/ });
  await measures.focus();
  await page.keyboard.press("Enter");
  const runs = page.getByRole("combobox", { name: "Runs", exact: true });
  await runs.focus();
  await page.keyboard.press("Enter");
  // The list puts the focus on what is chosen as it comes to its place; keys that are quicker than that are pressed again.
  await expect(async () => {
    await page.keyboard.press("End");
    await expect(page.getByRole("option", { name: "around window" })).toBeFocused({ timeout: 1000 });
  }).toPass();
  await page.keyboard.press("Enter");
  await expect(runs).toHaveText("around window");
  await page.getByRole("textbox", { name: "Off window" }).fill("60");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await expect
    .poll(async () => {
      const saved = (await (await page.request.get(`/api/jobs/${id}/job`)).json()) as {
        finishes: { along: object }[];
      };
      return saved.finishes[0]?.along;
    })
    .toEqual({ around: "o", gap: 60 });
});
