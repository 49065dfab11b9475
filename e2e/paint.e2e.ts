import type { Page } from "@playwright/test";
import type { PlanTape } from "../core/plan/planTypes";
import type { PlanStep } from "../core/plan/planDayTypes";
import { piecesOf, workToTell } from "../core/plan/workOfStep";
import { expectAccessible } from "./support/faults";
import { expect, makeJob, stripedWall, test, unfold } from "./support/test";
import { kindsOf, planOf } from "./support/told";

const next = (page: Page) => page.getByRole("region", { name: "Next" });
const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
let count = 0;
/** Tells that all steps of a plan up to one, itself included, were done by an hour ago. */
async function paintedUpTo(page: Page, id: string, isLast: (step: PlanStep) => boolean): Promise<PlanStep> {
  const { steps } = await planOf(page, id, false);
  const last = steps.find(isLast)!;
  const entries = steps
    .filter(({ start }) => start <= last.start)
    .map((step, place) => ({
      ...{ format: "jacaranda-entry/1", id: `01JD8Z${String(++count).padStart(20, "0")}`, job: id },
      ...{ by: "Painter", device: "steps", kind: "finished", work: workToTell(step) },
      at: new Date(Date.now() - 8 * 3_600_000 + place * 1000).toISOString(),
    }));
  const sent = await page.request.post(`/api/jobs/${id}/journal`, { data: { entries } });
  expect(await sent.json()).toMatchObject({ refused: [] });
  return last;
}

/** Where it is eight in the morning just now: what comes before the evening goes by the hour. */
const hoursAhead = ((8 - new Date().getUTCHours() + 36) % 24) - 12;
const morningThere = `Etc/GMT${hoursAhead > 0 ? "-" : "+"}${Math.abs(hoursAhead)}`;

test.describe("in the morning", () => {
  test.use({ timezoneId: morningThere });

  test("a morning at the wall on a phone without a connection arrives once and in its order", async ({
    page,
    context,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const id = await makeJob(page, stripedWall("On the steps"));
    await page.goto(`/jobs/${id}/w/paint`);
    await expect(next(page)).toContainText("Nothing has been told yet");
    const title = () => next(page).locator("p.font-display").innerText();
    const told: string[] = [];
    const tell = async (what: string) => {
      const before = await next(page).innerText();
      await button(page, what).click();
      await expect.poll(() => next(page).innerText()).not.toBe(before);
      await expect(next(page).locator("[aria-busy=true]")).toHaveCount(0);
    };
    // The first word is told in the yard; what plans has come by then.
    await tell("Done already");
    told.push("finished");
    await expect.poll(() => kindsOf(page, id)).toEqual(told);
    await context.setOffline(true);
    // Up to the tape, each thing as it is done.
    for (let things = 0; (await title()) !== "Tape, round 1" && things < 12; things++) {
      await tell("Done already");
      told.push("finished");
    }
    expect(await title()).toBe("Tape, round 1");
    await tell("Begin");
    await expect(next(page)).toContainText("from the left; tape");
    await page.getByRole("button", { name: "One piece more" }).click();
    await expect(page.getByRole("group", { name: "So far" })).toContainText("2 of 12 pieces of tape");
    await tell("So far");
    await expect(page.getByRole("group", { name: "So far" })).toContainText("3 of 12 pieces of tape");
    // A thumb in a glove.
    for (const own of await next(page).locator("button").all())
      expect((await own.boundingBox())!.height).toBeGreaterThanOrEqual(44);
    expect((await button(page, "Done").boundingBox())!.height).toBeGreaterThanOrEqual(48);
    await tell("Done");
    told.push("began", "finished", "finished");
    expect(await kindsOf(page, id)).toEqual(["finished"]);
    await context.setOffline(false);
    await expect.poll(() => kindsOf(page, id), { timeout: 20_000 }).toEqual(told);
    // The last word is taken back by one touch.
    await page.getByRole("button", { name: /^Take back: Done/ }).click();
    await expect.poll(() => kindsOf(page, id)).toEqual([...told, "withdrawn"]);
    // The rule is folded: what is used at the wall first, the rest one touch away.
    const stations = page.getByRole("navigation", { name: "Stations" });
    await expect(stations.getByRole("link")).toHaveCount(3);
    await stations.getByRole("button", { name: /^Before the work: Measure, Pattern/ }).click();
    await expect(stations.getByRole("link")).toHaveCount(4);
    await expectAccessible(page);
  });
});

test("tape is looked at before paint, and where the ground shows after coat one there is a coat more", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Looked at"));
  await paintedUpTo(page, id, ({ kind }) => kind === "tape");
  await page.goto(`/jobs/${id}/w/paint`);
  const first = page.getByRole("list", { name: "Look first" });
  await expect(first).toContainText("Run a thumb along every edge of tape on Test wall");
  await button(page, "Not yet").click();
  await expect(first).toContainText(/Not yet at \d\d:\d\d: look again/);
  await button(page, "All on, pressed down").click();
  await expect(first.getByRole("listitem")).toHaveCount(0);
  const coat = (await planOf(page, id)).steps.find(({ id: step }) => step === "w/paint-1-kelp-1")!;
  expect(coat.state).not.toBe("done");
  const other = await makeJob(page, stripedWall("Looked at again"));
  await paintedUpTo(page, other, ({ id: step }) => step === "w/paint-1-kelp-1");
  await page.goto(`/jobs/${other}/w/paint`);
  await expect(first).toContainText("Look at Kelp on Test wall from where people stand");
  await button(page, "The ground shows").click();
  await expect(first.getByRole("listitem")).toHaveCount(0);
  const coats = async () =>
    (await planOf(page, other)).steps.filter(({ kind }) => kind === "paint").map((step) => step.coat);
  await expect.poll(coats).toEqual([1, 2, 3]);
  await expectAccessible(page);
});

test("what drifts is taken back over the next marks, which read otherwise from then on", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Drifts"));
  await paintedUpTo(page, id, ({ kind }) => kind === "wash-wall");
  await page.goto(`/jobs/${id}/w/paint`);
  await unfold(page, "Does it drift");
  const drift = page.getByRole("region", { name: "Does it drift" });
  const { walls } = await planOf(page, id);
  const marks = walls[0]!.marks.filter(({ axis, line }) => axis === "x" && line !== undefined);
  const middle = marks[Math.floor(marks.length / 2)]!;
  // Halfway is offered; it reads 20 mm more than planned, which is seen.
  await drift.getByRole("textbox", { name: "Reads" }).fill(String(Math.round(middle.at) + 20));
  await drift.getByRole("button", { name: "Tell" }).click();
  await expect(drift).toContainText("Off by 20");
  await drift.getByRole("button", { name: /^Take it back over the next \d steps/ }).click();
  const readings = drift.getByRole("list", { name: "Marks from here" }).getByRole("listitem");
  await expect(readings.first()).toContainText(/mm is marked at \d+ mm/);
  await page.keyboard.press("6");
  const after = (await planOf(page, id)).walls[0]!.marks.find(({ planned }) => planned !== undefined)!;
  expect(after.at).toBeGreaterThan(after.planned!);
  await expect(page.getByRole("region", { name: "Marks" })).toContainText(after.reading);
});

test("two at the wall each see their own next thing, and one takes over from the other", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Two hands", { job: { work: { crew: 2 } } }));
  await page.goto(`/jobs/${id}/w/paint`);
  const hands = page.getByText("What is next for");
  await expect(hands).toBeVisible();
  await page.getByRole("radio", { name: /^Hand 2/ }).click();
  await button(page, "Painter takes it over").click();
  await expect.poll(() => kindsOf(page, id)).toEqual(["began"]);
  const { entries } = (await (await page.request.get(`/api/jobs/${id}/journal`)).json()) as {
    entries: { entry: { by: string } }[];
  };
  expect(entries[0]!.entry.by).toBe("Painter");
  await expect(next(page)).toContainText("Under way since");
});

test("a bleed is pointed at on the wall, and its mend comes into the plan from now", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Bled"));
  await paintedUpTo(page, id, ({ id: step }) => step === "w/paint-1-kelp-2");
  await page.goto(`/jobs/${id}/w/paint`);
  await unfold(page, "When something goes wrong");
  const wrong = page.getByRole("region", { name: "When something goes wrong" });
  await wrong.getByRole("button", { name: "Point at it" }).click();
  const pencil = page.getByRole("application", { name: /^Where it went wrong/ });
  await pencil.press("ArrowRight");
  await pencil.press("Enter");
  await expect(wrong).toContainText("where you pointed");
  await wrong.getByRole("button", { name: "It happened here" }).click();
  const mends = async () =>
    (await planOf(page, id)).steps.filter(({ id: step }) => step.includes("/mend-")).length;
  await expect.poll(mends).toBeGreaterThan(3);
  const tape = (await planOf(page, id)).walls[0]!.tape as readonly PlanTape[];
  expect(tape.length).toBeGreaterThan(0);
  await expectAccessible(page);
});

test("the demo stands on its second morning: a print under way, one to be done again, a sheet to be cleaned", async ({
  page,
}) => {
  const made = await page.request.post("/api/demo");
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/jobs/${id}/shelf/paint`);
  await expect(next(page)).toContainText("Print Driftwood");
  await expect(next(page)).toContainText("Under way since");
  // The next of its prints is read where it comes: down the right leg of the border.
  await expect(next(page)).toContainText(
    /from the left plumb line, .* from the level line: its middle; a quarter turn clockwise/,
  );
  // What else is due by then goes by the hour at which the demo is added.
  const due = page.getByRole("timer").or(page.getByRole("list", { name: "Due later" }));
  await expect(due.filter({ hasText: "Clean the sheet on Record-shelf wall" }).first()).toBeVisible();
  // How many are left of it by the evening goes by that hour, too: the card counts those of the step that is under way.
  const shown = await planOf(page, id);
  const printing = shown.steps.find(({ state, does }) => state === "running" && does[0]!.act === "print")!;
  await expect(page.getByRole("group", { name: "So far" })).toContainText(
    `of ${piecesOf(printing).length} prints`,
  );
  await unfold(page, "Paint in hand");
  await expect(page.getByRole("region", { name: "Paint in hand" })).toContainText("four times in five");
  const again = shown.steps.find(({ id: step }) => step.endsWith("print-1/again"))!;
  expect(again.state).toBe("waiting");
  expect(again.does.find(({ act }) => act === "print")!.ids).toHaveLength(1);
});

test("a job is practised against a quick clock, painted by itself, and is as before when that ends", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Practised"));
  await page.goto(`/jobs/${id}/w/paint`);
  await unfold(page, "Practise");
  const practise = page.getByRole("region", { name: "Practise" });
  await practise.getByRole("combobox", { name: "Clock" }).click();
  await page.getByRole("option", { name: "600 times as fast" }).click();
  const clock = page.getByRole("status").filter({ hasText: "Practice: " });
  await expect(clock).toContainText("Nothing of it is kept");
  await practise.getByRole("button", { name: "Let it paint itself" }).click();
  // Hours go by in half a minute: the room is cleared and washed, the wall is marked.
  await expect(next(page)).toContainText(/Mark|Tape|Seal|Paint Kelp/, { timeout: 60_000 });
  await practise.getByRole("button", { name: "End it" }).click();
  await expect(clock).toHaveCount(0);
  await expect(next(page)).toContainText("Nothing has been told yet");
  expect(await kindsOf(page, id)).toEqual([]);
});
