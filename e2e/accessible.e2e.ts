import { faultsOn } from "./support/faults";
import { expect, makeJob, stripedWall, test } from "./support/test";

const plate = { id: "s", kind: "plate", x: 310, y: 1150, width: 86, height: 86 };
const survey = {
  stations: [
    { x: 0, down: 1200, up: 1400 },
    { x: 3000, down: 1200, up: 1383 },
  ],
  left: [
    { y: -1200, off: 0 },
    { y: 1400, off: 7 },
  ],
};
const hatch = { id: "h", kind: "window", x: 1400, y: 900, width: 900, height: 900, casing: 70 };

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const) {
  test(`axe finds nothing on any screen at ${width} x ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    const id = await makeJob(
      page,
      stripedWall("Accessible", {
        finish: { fit: { by: "count", count: 14 } },
        job: {
          runs: [{ id: "r", walls: ["s", "t"] }],
          walls: [
            {
              id: "w",
              width: 4215,
              height: 2610,
              skirting: 95,
              base: "oyster",
              fixtures: [plate],
              openings: [hatch],
            },
            ...["s", "t"].map((wall) => ({
              id: wall,
              base: "oyster",
              survey,
              conditions: [{ kind: "gloss" }],
            })),
          ],
        },
      }),
    );
    for (const path of [
      "/",
      `/jobs/${id}/add-wall`,
      `/print/${id}/w`,
      `/shopping/${id}`,
      `/jobs/${id}/s/measure`,
      ...["measure", "pattern", "colour", "buy", "days", "mark"].map((slug) => `/jobs/${id}/w/${slug}`),
    ]) {
      await page.goto(path);
      await page.waitForLoadState("networkidle");
      expect(await faultsOn(page), path).toEqual([]);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow, `${path} is no wider than the screen`).toBeLessThanOrEqual(0);
    }
    await page.getByRole("button", { name: "Call out" }).click();
    expect(await faultsOn(page), "call-out").toEqual([]);
    await page.getByRole("button", { name: "Close" }).click();
    if (width > 800) {
      await page.getByRole("button", { name: "High contrast" }).click();
      expect(await faultsOn(page), "high contrast").toEqual([]);
    }
  });
}
