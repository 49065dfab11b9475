import { expectAccessible } from "./support/faults";
import { expect, makeJob, stripedWall, test } from "./support/test";
import { kindsOf, planOf, toldOf } from "./support/told";

test("three sets are decided over four days without a connection: boards, looks by each light, a no with its reason, a yes that binds", async ({
  page,
  context,
}) => {
  const paints = [
    { id: "oyster", name: "Oyster", hex: "#E9E2D0" },
    { id: "kelp", name: "Kelp", hex: "#4C5B45", packs: [{ size: "1 L", price: 19 }] },
    { id: "brine", name: "Brine", hex: "#2F5D62", packs: [{ size: "1 L", price: 21 }] },
    { id: "buoy", name: "Buoy", hex: "#B8502F", packs: [{ size: "1 L", price: 20 }] },
  ];
  const sets = [
    { id: "s1", name: "Cold", paints: { kelp: "brine" } },
    { id: "s2", name: "Warm", paints: { kelp: "buoy" } },
  ];
  const boards = [
    { id: "B1", of: { set: "s1" } },
    { id: "B2", of: { set: "s2" } },
  ];
  const id = await makeJob(
    page,
    stripedWall("Three to choose from", { job: { paints, sets, boards, work: { start: "2027-01-18" } } }),
  );
  await page.goto(`/jobs/${id}/w/colour`);
  const region = page.getByRole("region", { name: "Boards", exact: true });
  const all = page.getByRole("region", { name: "Sets of colours" });
  const painted = (board: string) => region.getByRole("button", { name: `Board ${board} is painted` });
  const look = (board: string) => region.getByRole("group", { name: `A look at ${board}` });
  const strip = (board: string) =>
    region.getByRole("img", { name: new RegExp(`^Looks at ${board} by the hour`) });
  const at = (moment: string) => page.clock.setFixedTime(new Date(moment));
  const byLight = async (board: string, light: string) => {
    await look(board).getByRole("combobox", { name: "By which light" }).click();
    await page.getByRole("option", { name: light, exact: true }).click();
  };
  // What plans has come when the first word counts.
  await painted("B1").click();
  await expect(page.getByRole("img", { name: /^Board B1, of Cold/ })).toBeVisible();
  await byLight("B1", "morning");
  await all.getByRole("button", { name: "More of Cold" }).click();
  await expect(all.getByRole("table", { name: "Differences in Cold" })).toBeVisible();
  await context.setOffline(true);
  await at("2027-01-11T10:00:00");
  await painted("B2").click();
  // Where it hangs is pointed at, and it hangs there.
  await region.getByRole("button", { name: "Point at where it hangs: board B2" }).click();
  await page.getByRole("application", { name: /^Where board B2 hangs/ }).press("Enter");
  await expect(region.getByRole("button", { name: "It hangs beside the wall: board B2" })).toBeVisible();

  // A morning: both are looked at. An evening: one is too much.
  await at("2027-01-12T08:40:00");
  await look("B1").getByRole("button", { name: "Yes" }).click();
  await expect(strip("B1")).toHaveAccessibleName(/08:40 morning yes, 12:30 midday not yet/);
  await look("B2").getByRole("button", { name: "Not sure" }).click();
  await at("2027-01-12T18:10:00");
  await byLight("B2", "evening");
  await look("B2").getByLabel("In the client's words").fill("it shouts at the shelves");
  await look("B2").getByRole("button", { name: "No", exact: true }).click();
  await expect(region).toContainText("A no: “it shouts at the shelves”. That settles it.");
  await expect(strip("B2")).toHaveAccessibleName(/08:40 morning unsure, 18:10 evening no/);

  // The other one by each light that is left, on two days.
  for (const [light, moment] of [
    ["midday", "2027-01-13T12:30:00"],
    ["evening", "2027-01-13T18:00:00"],
    ["lamp", "2027-01-14T20:30:00"],
  ] as const) {
    await at(moment);
    await byLight("B1", light);
    await look("B1").getByRole("button", { name: "Yes" }).click();
  }
  await expect(region).toContainText("Yes in every light: it can be decided.");
  await expect(all).toContainText("“it shouts at the shelves”");
  const what = all.getByRole("group", { name: "What becomes of Cold" });
  await what.getByLabel("In their words").fill("quiet beside the wood");
  await what.getByLabel("Who decides").fill("The landlady");
  await what.getByRole("button", { name: "Take this set" }).click();
  await expect(all).toContainText("agreed by The landlady as Cold");
  // Its board hangs there yet, and is called as it was.
  await expect(page.getByRole("img", { name: /^Board B1, of Cold: morning yes, .* lamp yes/ })).toBeVisible();

  // All of it arrives, in its order; what was agreed holds until something of it is changed.
  await context.setOffline(false);
  await expect
    .poll(() => kindsOf(page, id), { timeout: 20_000 })
    .toEqual([...Array<string>(3).fill("sample"), ...Array<string>(6).fill("sample-look"), "decided"]);
  const agreed = (await toldOf(page, id)).at(-1)!.agreed!;
  expect(agreed).toMatchObject([{ paint: "brine", coats: 2, tools: ["brush", "tool-pile-short"] }]);
  const { decisions, findings } = await planOf(page, id);
  expect(decisions!.map(({ of, standing }) => [of.set, standing])).toEqual(
    expect.arrayContaining([
      ["s1", "agreed"],
      ["s2", "refused"],
    ]),
  );
  expect(findings.map(({ code }) => code)).not.toContain("promise-broken");
  await expectAccessible(page);
});
