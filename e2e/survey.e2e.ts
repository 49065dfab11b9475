import type { Page } from "@playwright/test";
import { expectAccessible } from "./support/faults";
import { expect, makeJob, stripedWall, test, unfold } from "./support/test";

/** Types into whatever has the focus and goes on to the next field, as on the steps. */
async function typeOn(page: Page, ...entries: string[]) {
  for (const entry of entries) {
    await page.keyboard.type(entry);
    await page.keyboard.press("Tab");
  }
}

/** Tabs on until the focus is on something of this name. */
async function tabTo(page: Page, name: RegExp) {
  const here = () =>
    page.evaluate(() => {
      const { activeElement: at } = document;
      // What Tab does not stop at, such as the card, has the texts of all that is in it.
      if (at === document.body || (at instanceof HTMLElement && at.tabIndex < 0)) return "";
      const id = at?.id ? document.querySelector(`label[for="${at.id}"]`)?.textContent : null;
      return id ?? at?.getAttribute("aria-label") ?? at?.textContent ?? "";
    });
  for (let step = 0; step < 60; step++) {
    if (name.test(await here())) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`Tab never came to ${name}`);
}

const stationOf = (x: number, down: number, up: number) => ({ x, down, up });
const surveyed = (name: string, more: object = {}) =>
  stripedWall(name, {
    wall: {
      width: undefined,
      height: undefined,
      survey: {
        stations: [stationOf(0, 1210, 1400), stationOf(2000, 1212, 1392), stationOf(4215, 1211, 1383)],
      },
      ...more,
    },
  });

test("two surveyed walls are joined at a corner by the keyboard alone", async ({ page }) => {
  const empty = { ...stripedWall("By keyboard"), walls: [], finishes: [] };
  const id = await makeJob(page, empty);
  await page.goto(`/jobs/${id}/add-wall`);
  await tabTo(page, /What you call it/);
  await typeOn(page, "Bench nook");
  await tabTo(page, /Station 1: down/);
  // The next row takes the cursor as soon as one is full.
  await typeOn(page, "1022", "1622", "2222", "1024", "1621");
  await expect(page.getByRole("img", { name: "The wall so far" })).toContainText("2222 mm");
  await tabTo(page, /Add this wall/);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/bench-nook\/measure$/);
  await tabTo(page, /Wall$/);
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("What you call it")).toBeVisible();
  await tabTo(page, /What you call it/);
  await typeOn(page, "Window wall");
  await tabTo(page, /Station 1: down/);
  await typeOn(page, "1024", "1621", "1570", "10255", "1621", "3143", "1027", "1620");
  await tabTo(page, /around the corner from Bench nook/);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/window-wall\/measure$/);
  const around = page.getByRole("region", { name: "Around the corner" });
  await expect(around.getByRole("listitem")).toHaveText(["Bench nook", "Window wall"]);
  // One digit too many at station 2: noticed, and mended with its button.
  await expect(page.getByText("Station 2 reads 10255 mm to the floor")).toBeVisible();
  await tabTo(page, /Take 1025.5 mm instead/);
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Station 2: down to the floor")).toHaveValue("1025.5 mm");
  await expect(page.getByRole("status")).toHaveText("Saved");
  const saved = await (await page.request.get(`/api/jobs/${id}/job`)).json();
  expect(saved.runs).toMatchObject([{ walls: ["bench-nook", "window-wall"] }]);
  expect(saved.walls[1].survey.stations[1]).toEqual({ x: 1570, down: 1025.5, up: 1621 });
  const plan = await (await page.request.get(`/api/jobs/${id}/plan`)).json();
  // 2.222 m by the mean of 2.644 and 2.645.
  expect(plan.walls[0].surface_m2).toBeCloseTo(2.222 * 2.6445, 9);
  await expectAccessible(page);
});

test("the laser fills the field in hand, and repeated shots show their spread", async ({ page }) => {
  const id = await makeJob(page, surveyed("By laser"));
  await page.goto(`/jobs/${id}/w/measure`);
  await page.getByRole("button", { name: "Laser", exact: true }).click();
  await unfold(page, "Readings");
  const panel = page.getByRole("region", { name: "Laser measure" });
  await panel.getByRole("button", { name: "Pair" }).click();
  await expect(panel).toContainText("Step into a length field");
  const field = page.getByLabel("Station 2: up to the ceiling");
  await field.focus();
  await expect(panel).toContainText("The next reading goes to: Station 2: up to the ceiling.");
  await panel.getByRole("button", { name: "× 5" }).click();
  await expect(panel).toContainText(/Mean 139[0-4](\.\d)? mm of [3-5]; they lie/, { timeout: 15_000 });
  await expect(field).toHaveValue(/^139[0-4](\.\d)? mm$/);
});

test("a plate is dragged into line and moved by keys; the judged line says what it shows", async ({
  page,
}) => {
  const plates = [
    { id: "a", name: "lamp switch", kind: "plate", x: 600, y: -100, width: 86, height: 86 },
    { id: "b", name: "socket", kind: "plate", x: 3000, y: -700, width: 86, height: 86 },
  ];
  const id = await makeJob(page, surveyed("Moving", { fixtures: plates }));
  await page.goto(`/jobs/${id}/w/measure`);
  const plateOf = async (index: number) => {
    await expect(page.getByRole("status")).toHaveText("Saved");
    return (await (await page.request.get(`/api/jobs/${id}/job`)).json()).walls[0].fixtures[index];
  };
  const plate = page.getByRole("button", { name: /^lamp switch/ });
  const target = page.getByRole("button", { name: /^socket/ });
  const [from, to] = [(await plate.boundingBox())!, (await target.boundingBox())!];
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y + 40, { steps: 4 });
  // A few pixels beside the socket: it lines up with it.
  await page.mouse.move(to.x + to.width / 2 + 3, from.y + 60, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => (await plateOf(0)).x).toBe(3000);
  await target.focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Shift+ArrowUp");
  await expect.poll(() => plateOf(1)).toMatchObject({ x: 3001, y: -684 });
  const judged = page.getByLabel("A line at, from the level line");
  await judged.fill("1280");
  await judged.press("Enter");
  const advice = page.getByRole("region", { name: "Level or follow" });
  // 120 under the ceiling at the left, 103 at the right.
  await expect(advice.getByRole("listitem").first()).toContainText("120 mm to 103 mm from the ceiling");
  await expect(advice.getByRole("listitem").first()).toContainText("will show");
  await expect(advice.getByRole("listitem").filter({ hasText: "Take this" })).toContainText(
    "Follow the ceiling",
  );
  const slider = page.getByRole("slider", { name: "The line that is judged" });
  await slider.focus();
  await page.keyboard.press("ArrowDown");
  await expect(judged).toHaveValue("1279 mm");
});
