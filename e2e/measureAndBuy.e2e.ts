import { choose, expect, makeJob, stripedWall, test, unfold } from "./support/test";

test("an opening is added, put outside by a slip, explained, and put right", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Openings"));
  await page.goto(`/jobs/${id}/w/measure`);
  await page.getByRole("button", { name: "Opening", exact: true }).click();
  const openings = page.getByRole("region", { name: "Openings" });
  await openings.getByText("window").first().click();
  const fromLeft = openings.getByLabel("From the left");
  await fromLeft.fill("far");
  await fromLeft.press("Enter");
  await expect(openings.getByText("“far” is not a length.")).toBeVisible();
  await fromLeft.fill("4 m");
  await fromLeft.press("Enter");
  await expect(page.getByRole("list", { name: "Findings" })).toContainText(
    "The window reaches outside the wall.",
  );
  await expect(page.getByRole("contentinfo")).toContainText("1 to mend first");
  await fromLeft.fill("1240 + 70");
  await fromLeft.press("Enter");
  await expect(page.getByText("reaches outside the wall")).toBeHidden();
  await expect(fromLeft).toHaveValue("1310 mm");
  await openings.getByRole("button", { name: "Remove window" }).click();
  await expect(openings.getByText("window")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(openings.getByText("window").first()).toBeVisible();
  await expect(page.getByRole("status")).toHaveText("Saved");
  const saved = await (await page.request.get(`/api/jobs/${id}/job`)).json();
  expect(saved.walls[0].openings[0]).toMatchObject({ x: 1310, width: 600, casing: 70 });
});

test("what is in the store comes off what is bought, and the ledger shows the difference", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Store"));
  await page.goto(`/jobs/${id}/w/buy`);
  await unfold(page, "Kelp");
  const kelp = page.getByRole("region", { name: "Kelp" });
  await expect(kelp).toContainText("2 × 1 L");
  await unfold(page, "Paints of this job");
  const paints = page.getByRole("region", { name: "Paints of this job" });
  await paints.getByText("Kelp").click();
  const editor = paints.getByRole("group").filter({ hasText: "Kelp" });
  await editor.getByLabel("In the store").fill("a tin");
  await editor.getByLabel("In the store").press("Enter");
  await expect(paints.getByText("“a tin” is not a volume.")).toBeVisible();
  await editor.getByLabel("In the store").fill("1 L");
  await editor.getByLabel("In the store").press("Enter");
  await expect(kelp).toContainText("1 × 1 L");
  await expect(page.getByRole("contentinfo")).toContainText("−19.00");
  await editor.getByLabel("Coats").fill("4");
  await editor.getByLabel("Coats").press("Enter");
  await expect(kelp).toContainText("4 coats");
  await page.getByRole("radio", { name: "ft in" }).click();
  await expect(kelp).toContainText("ft²");
  await expect(page.getByRole("status")).toHaveText("Saved");
  await page.reload();
  await expect(kelp).toContainText("4 coats");
});

test("a wall is added, left in its base, striped level, and taken off again", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Second wall"));
  await page.goto(`/jobs/${id}/w/pattern`);
  await page.getByRole("link", { name: "Wall", exact: true }).click();
  await page.getByLabel("What you call it").fill("Stair wall");
  await page.getByRole("radio", { name: "as a plain rectangle" }).click();
  await page.getByLabel("Width").fill("3120");
  await page.getByLabel("Height").fill("2655");
  await page.getByRole("button", { name: "Add this wall" }).click();
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: "Pattern" }).click();
  await page.getByRole("button", { name: "Lay out stripes" }).click();
  await choose(page, "Direction", "Level");
  await page.getByRole("link", { name: "Mark" }).click();
  await expect(page.getByRole("region", { name: "Marks", exact: true })).toContainText(
    "up the left end, from the floor",
  );
  await page.goBack();
  await page.getByRole("button", { name: "Take off" }).click();
  await expect(page.getByRole("button", { name: "Lay out stripes" })).toBeVisible();
  await page.getByRole("navigation", { name: "Walls" }).getByRole("link", { name: "Test wall" }).click();
  await expect(page.getByRole("heading", { name: "Stripes" })).toBeVisible();
});

test("a job file that is dropped on the first screen is taken in", async ({ page }) => {
  await page.goto("/");
  const transfer = await page.evaluateHandle(
    (text) => {
      const data = new DataTransfer();
      data.items.add(new File([text], "dropped.json", { type: "application/json" }));
      return data;
    },
    JSON.stringify(stripedWall("Dropped in")),
  );
  await page.getByRole("region", { name: "New job" }).dispatchEvent("drop", { dataTransfer: transfer });
  await expect(page.getByText("Dropped in", { exact: true })).toBeVisible();
  await expect(page).toHaveURL(/\/jobs\/dropped-in\/w\/pattern$/);
});

test("edges by hand, a floated corner and a ceiling of its own are told where they are chosen, and the days follow", async ({
  page,
}) => {
  const id = await makeJob(
    page,
    stripedWall("Schools", {
      wall: { rightEdge: "external" },
      job: {
        paints: [
          { id: "oyster", name: "Oyster", hex: "#E9E2D0" },
          { id: "kelp", name: "Kelp", hex: "#4C5B45", packs: [{ size: "1 L", price: 19 }] },
          { id: "chalk", name: "Chalk Quay", hex: "#F4F1EA", packs: [{ size: "250 ml", price: 8 }] },
        ],
      },
    }),
  );
  await page.goto(`/jobs/${id}/w/measure`);
  await unfold(page, "The job");
  await choose(page, "Ceiling", "heavy stipple");
  await choose(page, "Its paint", "Chalk Quay");
  await page.getByRole("link", { name: /Days/ }).first().click();
  const days = page.getByRole("region", { name: "Day by day" });
  await expect(days).toContainText("Chalk Quay");
  await expect(days).toContainText("float the last strip on with a wide full brush");
  await unfold(page, "Rounds");
  await page.getByLabel("External corners").getByRole("radio", { name: "taped" }).click();
  await expect(days).not.toContainText("float the last strip on");
  await page.getByLabel("Straight edges").getByRole("radio", { name: "by hand" }).click();
  await expect(days).toContainText("cut in by hand to what is dry");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(days).not.toContainText("cut in by hand to what is dry");
  await unfold(page, "Hands, hours and air");
  await page.getByLabel("Break at").fill("12.30");
  await page.getByLabel("Break at").press("Enter");
  await expect(page.getByLabel("Break at")).toHaveValue("12:30");
  await expect(page.getByRole("status")).toHaveText("Saved");
});
