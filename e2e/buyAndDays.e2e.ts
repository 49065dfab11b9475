import Papa from "papaparse";
import { expectAccessible } from "./support/faults";
import { choose, expect, makeJob, stripedWall, test, unfold } from "./support/test";

const threePaints = {
  paints: [
    { id: "oyster", name: "Oyster", hex: "#E9E2D0", packs: [{ size: "250 ml", price: 6 }] },
    { id: "kelp", name: "Kelp", hex: "#4C5B45", packs: [{ size: "1 L", price: 19 }] },
    { id: "brine", name: "Brine", hex: "#2F5D62", packs: [{ size: "1 L", price: 21 }] },
  ],
};

test("another colour makes another round, and more days; undo takes them back", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Colours", { job: threePaints }));
  await page.goto(`/jobs/${id}/w/pattern`);
  const ledger = page.getByRole("contentinfo");
  await expect(ledger).toContainText("2 days, 1 round");
  await choose(page, "Colour 2", "Brine");
  // Two colours that touch, none of them the base: the second is taped on the first a day after it.
  await expect(ledger).toContainText("3 days, 2 rounds");
  await expect(ledger).toContainText("+1 day");
  await page.keyboard.press("5");
  await expect(page).toHaveURL(/\/days$/);
  await unfold(page, "Rounds");
  await expect(page.getByRole("region", { name: "Rounds" })).toContainText("fewer than 2 rounds");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(ledger).toContainText("2 days, 1 round");
  await expectAccessible(page);
});

test("a tin that is in the store comes off the list; prices are refreshed, taken, and may be sold out", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Tins", { job: threePaints }));
  await page.goto(`/jobs/${id}/w/buy`);
  await unfold(page, "Kelp");
  await unfold(page, "Tape and sundries");
  const tins = page.getByRole("list", { name: "Tins of Kelp to buy" });
  await expect(tins).toContainText("2 × 1 L");
  await page.getByRole("button", { name: "I have one of 1 L Kelp" }).click();
  await expect(tins).toContainText("1 × 1 L");
  await page.getByRole("button", { name: "I have one of 1 L Kelp" }).click();
  await expect(tins).toBeHidden();
  await expect(page.getByRole("region", { name: "Kelp", exact: true })).toContainText("Nothing to buy");
  const sundries = page.getByRole("region", { name: "Tape and sundries", exact: true });
  await sundries.getByText("Tray liner").click();
  await sundries.getByRole("button", { name: "I have them" }).click();
  await expect(sundries).toContainText("Tray liner: at hand");
  const prices = page.getByRole("region", { name: "Prices" });
  // It takes half a second, which a test on a busy machine would come too late to stop.
  await prices.evaluate(async (region) => {
    for (const name of ["Refresh prices", "Stop"]) {
      const found = () =>
        [...region.querySelectorAll("button")].find((button) => button.textContent?.trim() === name);
      while (!found()) await new Promise(requestAnimationFrame);
      found()!.click();
    }
  });
  await expect(prices).toContainText("It was stopped.");
  await prices.getByRole("button", { name: "Refresh prices" }).click();
  await expect(prices.getByRole("list", { name: "Price changes" })).toContainText("Kelp");
  await prices.getByRole("button", { name: "Take these prices" }).click();
  await expect(sundries).not.toContainText("no price");
  await expect(page.getByRole("status")).toHaveText("Saved");
  const table = await (await page.request.get(`/api/jobs/${id}/shopping`)).text();
  const { data } = Papa.parse<Record<string, string>>(table, { header: true, skipEmptyLines: true });
  const things = data.map((row) => row.thing);
  expect(things).toContain("Oyster");
  expect(things).not.toContain("Kelp");
  await expectAccessible(page);
  await page.getByRole("link", { name: "Shopping list" }).click();
  await expect(page.getByRole("heading", { name: "Shopping list" })).toBeVisible();
  await expect(page.getByRole("table", { name: "Tape and sundries" })).not.toContainText("Tray liner");
  await expectAccessible(page);
});

test("the days answer to air, hands and hours, and the wall to the moment that is looked at", async ({
  page,
}) => {
  const id = await makeJob(
    page,
    stripedWall("Days", { job: threePaints, finish: { colours: ["kelp", "brine"] } }),
  );
  await page.goto(`/jobs/${id}/w/days`);
  const main = page.getByRole("main");
  await expect(main).toContainText("3 days, day 1 to day 3.");
  await unfold(page, "Hands, hours and air");
  await page.getByLabel("First day", { exact: true }).fill("15 Jan 2027");
  await page.getByLabel("First day", { exact: true }).press("Enter");
  await expect(main).toContainText("2 days, Fri 15 Jan to Mon 18 Jan.");
  const cold = page.getByLabel("Room temperature");
  await cold.fill("9");
  await cold.press("Enter");
  await expect(main).toContainText("everything dries 2.1 times as long");
  await cold.fill("3");
  await cold.press("Enter");
  await expect(main.getByRole("list", { name: "Findings" })).toContainText("Warm the room to 8 °C or more");
  await expect(page.getByRole("contentinfo")).toContainText("no day plan");
  await cold.fill("20");
  await cold.press("Enter");
  const ends = page.getByLabel("Day ends");
  await ends.fill("9:00");
  await ends.press("Enter");
  await expect(main).toContainText("too short to set up, work and close");
  await ends.fill("20:00");
  await ends.press("Enter");
  await expect(page.getByRole("contentinfo")).toContainText("2 rounds");
  // By the keyboard through the moments of the plan, from the finished work back to the first step.
  const moment = page.getByRole("slider", { name: "Moment" });
  await moment.focus();
  await page.keyboard.press("Home");
  await expect(moment).toHaveAttribute("aria-valuetext", "Fri 15 Jan, 08:00");
  const now = page.getByRole("region", { name: "At this moment" });
  await expect(now).toContainText("Set up");
  for (let press = 0; press < 3; press++) await page.keyboard.press("ArrowRight");
  await expect(now).toContainText("Test wall: wash");
  await now.getByRole("button", { name: "Show it finished" }).click();
  await expect(now).toBeHidden();
  await expect(page.getByRole("status")).toHaveText("Saved");
  const calendar = await page.request.get(`/api/jobs/${id}/days?format=ics`);
  expect(calendar.headers()["content-type"]).toContain("text/calendar");
  expect(await calendar.text()).toContain("DTSTART:20270115T080000");
});

test("the room is read by the sensor, and the day plan is read on a phone", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await makeJob(page, stripedWall("Phone"));
  await page.goto(`/jobs/${id}/w/days`);
  await unfold(page, "Hands, hours and air");
  const work = page.getByRole("region", { name: "Hands, hours and air" });
  await expect(async () => {
    await work.getByRole("button", { name: "Read the room" }).click();
    await expect(work).toContainText(/Read 1[5-9]|Read 2[01]/, { timeout: 2500 });
  }).toPass();
  await expect(page.getByLabel("Humidity")).not.toHaveValue("50");
  const days = page.getByRole("region", { name: "Day by day" });
  await days.getByText("Day 1", { exact: true }).scrollIntoViewIfNeeded();
  await expect(days).toContainText("The evening before");
  await expect(days).toContainText("Open Oyster and Kelp: lid, skin, lumps");
  await expect(days).toContainText("cut tape away from yourself", { ignoreCase: true });
  const step = days.getByText("Tape round 1", { exact: false }).first();
  await step.scrollIntoViewIfNeeded();
  const box = (await step.boundingBox())!;
  expect(box.x).toBeGreaterThanOrEqual(0);
  expect(box.x + box.width).toBeLessThanOrEqual(390);
});

test("a base that is to be painted gets its primer, in the days and on the list", async ({ page }) => {
  const paints = [
    ...threePaints.paints,
    { id: "ground", name: "Ground", hex: "#cccccc", material: "primer", packs: [{ size: "1 L", price: 12 }] },
  ];
  const id = await makeJob(page, stripedWall("Primer", { job: { paints } }));
  await page.goto(`/jobs/${id}/w/measure`);
  const ledger = page.getByRole("contentinfo");
  await expect(ledger).not.toContainText("Ground");
  await page.getByRole("radio", { name: "is to be painted" }).click();
  await page
    .getByRole("radiogroup", { name: "Primer under it" })
    .getByRole("radio", { name: "Ground" })
    .click();
  await expect(ledger).toContainText("Ground");
  await page.keyboard.press("5");
  const days = page.getByRole("region", { name: "Day by day" });
  await expect(days).toContainText("Prime 10.60 m² with Ground");
  await expect(days).toContainText("first coat of Oyster over the whole");
  await page.keyboard.press("4");
  await unfold(page, "Ground");
  await expect(page.getByRole("list", { name: "Tins of Ground to buy" })).toContainText("2 × 1 L");
  // Back on the wall it needs none, and the primer goes with it.
  await page.keyboard.press("1");
  await page.getByRole("radio", { name: "is on the wall" }).click();
  await expect(ledger).not.toContainText("Ground");
});

test("the plan is rehearsed, and what goes wrong leads to its moment", async ({ page }) => {
  // Four coats on four Mondays: dry-peeled tape stays for three weeks, and its label says two.
  const job = stripedWall("Rehearsed", {
    job: { edges: { peel: "dry" }, work: { workdays: ["mon"], secondCoat: "next-day" } },
  });
  const id = await makeJob(page, {
    ...job,
    paints: job.paints.map((paint) => ({ ...paint, coats: 4 })),
  });
  await page.goto(`/jobs/${id}/w/days`);
  const rehearsal = page.getByRole("region", { name: "Rehearsal" });
  await expect(rehearsal).toContainText("wrong");
  await rehearsal
    .getByRole("button", { name: /tape has been on for 20 days/ })
    .first()
    .click();
  await expect(page.getByRole("region", { name: "At this moment" })).toBeVisible();
});

test("the pointer over the chart shows the wall at that moment, and the strip its tape", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Chart"));
  await page.goto(`/jobs/${id}/w/days`);
  const chart = page.getByRole("region", { name: "Time chart" });
  const box = (await chart.boundingBox())!;
  const now = page.getByRole("region", { name: "At this moment" });
  const said = new Set<string>();
  for (let share = 0.2; share < 0.98; share += 0.03) {
    await page.mouse.move(box.x + box.width * share, box.y + 60);
    said.add((await now.innerText()).split("\n").find((line) => /coat of Kelp|tape round/.test(line)) ?? "");
  }
  expect([...said].join()).toContain("first coat of Kelp");
  await now.getByRole("button", { name: "Show it finished" }).click();
  // From the list: its first step, with the wall still bare.
  await page.getByRole("button", { name: "Show the wall at 08:00" }).first().click();
  await expect(page.getByRole("slider", { name: "Moment" })).toHaveAttribute(
    "aria-valuetext",
    "day 1, 08:00",
  );
});
