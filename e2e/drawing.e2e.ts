import type { Page } from "@playwright/test";
import type { Plan } from "../core/plan/planTypes";
import { faultsOn } from "./support/faults";
import { expect, makeJob, test } from "./support/test";

/** Two walls at a corner, 2400 and 1800 wide and 2400 high, with nothing on them. */
const corner = {
  format: "jacaranda-job/1",
  name: "Around the corner",
  units: "metric",
  paints: [
    { id: "oyster", name: "Oyster", hex: "#E9E2D0" },
    { id: "kelp", name: "Kelp", hex: "#4C5B45" },
    { id: "brine", name: "Brine", hex: "#2F5D62" },
  ],
  walls: [
    { id: "w", name: "Long wall", base: "oyster", width: 2400, height: 2400 },
    { id: "v", name: "Short wall", base: "oyster", width: 1800, height: 2400 },
  ],
  runs: [{ id: "r", walls: ["w", "v"] }],
  finishes: [{ id: "f", on: "r", kind: "tape-lines", lines: [] }],
};

const planOf = async (page: Page, id: string): Promise<Plan> => {
  await expect(page.getByRole("status")).toHaveText("Saved");
  return (await (await page.request.get(`/api/jobs/${id}/plan`)).json()) as Plan;
};

/** Where places of the run are on the screen: the two walls lie side by side between the rulers, as wide as the stage lets them. */
async function placeOnRun(page: Page) {
  const [wall, beside] = [
    page.getByRole("img", { name: "Long wall, as" }),
    page.getByRole("img", { name: "Short wall, around" }),
  ];
  // Boxes reach beyond the walls by the strokes around them, alike on all sides.
  const middles = [(await wall.boundingBox())!, (await beside.boundingBox())!].map(
    ({ x, y, width, height }) => ({
      x: x + width / 2,
      y: y + height / 2,
    }),
  );
  const [long, short] = [middles[0]!, middles[1]!];
  // From the middle of the one to that of the other it is 1200 and 900.
  const scale = (short.x - long.x) / 2100;
  return (x: number, y: number) => [long.x + (x - 1200) * scale, long.y - (y - 1200) * scale] as const;
}

test("taped lines are drawn across a corner with the mouse, split and filled", async ({ page }) => {
  const id = await makeJob(page, corner);
  await page.goto(`/jobs/${id}/w/pattern`);
  const at = await placeOnRun(page);
  const draw = async (...points: [number, number][]) => {
    for (const point of points) await page.mouse.click(...at(...point));
  };
  await page.getByRole("button", { name: "Draw edge to edge" }).click();
  await draw([200, 500], [3900, 1900]);
  await draw([300, 2100], [4000, 700]);
  await draw([1300, 200], [1700, 2200]);
  await page.getByRole("button", { name: "Split a face" }).click();
  await draw([3000, 300], [3100, 500]);
  const lines = await planOf(page, id);
  // Three full lines and their three crossings make seven faces, five and four of them on the two walls; the cut one more.
  expect(lines.walls.flatMap(({ regions }) => regions).length).toBeGreaterThanOrEqual(8);
  expect(lines.walls[1]!.findings).toEqual([]);
  for (const { surface_m2, regions } of lines.walls) {
    expect(regions.reduce((sum, { area_m2 }) => sum + area_m2, 0)).toBeCloseTo(surface_m2, 6);
  }
  await page.getByRole("button", { name: "Fill", exact: true }).click();
  await page.getByRole("group", { name: "In which paint" }).getByRole("button", { name: "Brine" }).click();
  expect(await faultsOn(page)).toEqual([]);
  await draw([2300, 1250]);
  const filled = await planOf(page, id);
  // The face in the middle goes on around the corner; a fill speaks for the part on its own wall.
  const brine = filled.walls.map(({ regions }) => regions.filter(({ colour }) => colour === "brine").length);
  expect(brine).toEqual([1, 0]);
  await page.keyboard.press("Escape");
  await page.keyboard.press("Escape");
  // A point that is dragged takes its line along; letting go is one step to undo.
  const before = filled.walls[0]!.lines[2]!.path;
  await page.mouse.move(...at(1300, 200));
  await page.mouse.down();
  await page.mouse.move(...at(1100, 200), { steps: 4 });
  await page.mouse.move(...at(900, 200), { steps: 4 });
  await page.mouse.up();
  const moved = (await planOf(page, id)).walls[0]!.lines[2]!.path;
  expect(moved[0]![0]).toBeLessThan(before[0]![0] - 250);
  await page.getByRole("button", { name: "Undo" }).click();
  expect((await planOf(page, id)).walls[0]!.lines[2]!.path).toEqual(before);
});

test("the same is drawn by the keyboard alone, by typed readings and with the pencil", async ({ page }) => {
  const id = await makeJob(page, corner);
  await page.goto(`/jobs/${id}/w/pattern`);
  const press = async (name: string) => {
    await page.getByRole("button", { name, exact: true }).focus();
    await page.keyboard.press("Enter");
  };
  const type = async (x: string, y: string) => {
    for (const [label, value] of [
      ["Along", x],
      ["Up", y],
    ] as const) {
      await page.getByLabel(label, { exact: true }).focus();
      await page.keyboard.press("ControlOrMeta+a");
      await page.keyboard.type(value);
      await page.keyboard.press("Tab");
    }
    await press("Set point");
  };
  await press("Draw edge to edge");
  await type("200", "500");
  await type("3.9 m", "1900");
  await type("300", "2100");
  await type("4000", "700");
  await type("1300", "200");
  await type("1700", "2200");
  const typed = await planOf(page, id);
  expect(typed.walls.flatMap(({ regions }) => regions).length).toBeGreaterThanOrEqual(8);
  // The first line rises 1400 over 3700; from 500 at 200 it comes to the corner at 500 + 2200 x 14 / 37 on both walls.
  const [first, second] = typed.walls.map(({ lines }) => lines[0]!.path);
  expect(second![0]![1]).toBeCloseTo(500 + (2200 * 1400) / 3700, 6);
  expect(first![1]![1]).toBeCloseTo(second![0]![1], 6);
  await press("Fill");
  const pencil = page.getByRole("application", { name: /Fill on the wall/ });
  await expect(pencil).toBeFocused();
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Enter");
  const filled = await planOf(page, id);
  expect(
    filled.walls.flatMap(({ regions }) => regions.filter(({ colour }) => colour === "kelp")).length,
  ).toBeGreaterThan(0);
  await page.keyboard.press("Escape");
  const slider = page.getByRole("slider");
  await slider.focus();
  await expect(slider).toHaveAccessibleName(/line 1, 1 of 9/);
  await page.keyboard.press("PageUp");
  await expect(slider).toHaveAccessibleName(/line 1, point 1, 2 of 9/);
  await page.keyboard.press("Shift+ArrowUp");
  await expect(slider).toHaveAttribute("aria-valuetext", "200 mm along, 510 mm up");
  await page.keyboard.press("Delete");
  await expect.poll(async () => (await planOf(page, id)).walls[0]!.lines.length).toBe(2);
});
