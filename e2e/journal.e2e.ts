import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import type { Plan } from "../core/plan/planTypes";
import { workToTell } from "../core/plan/workOfStep";
import { expectAccessible } from "./support/faults";
import { removeFolder, startServer, stopServer } from "./support/server";
import { atRest, expect, makeJob, stripedWall, test, unfold } from "./support/test";

const next = (page: Page) => page.getByRole("region", { name: "Next" });
const tell = (page: Page, what: string) =>
  next(page).getByRole("button", { name: what, exact: true }).click();

interface Told {
  readonly entries: readonly { readonly entry: { readonly kind: string; readonly by: string } }[];
}
const toldOf = async (page: Page, id: string): Promise<string[]> => {
  const { entries } = (await (await page.request.get(`/api/jobs/${id}/journal`)).json()) as Told;
  return entries.map(({ entry }) => entry.kind);
};

test("a day is told on two browsers, one of them without a connection, and something is taken back", async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await makeJob(page, stripedWall("Told by two"));
  const steps = await browser.newContext({ baseURL });
  const phone = atRest(await steps.newPage());
  for (const one of [page, phone]) await one.goto(`/jobs/${id}/w/paint`);
  await expect(next(page)).toContainText("Nothing has been told yet");
  await tell(page, "Begin");
  await expect(next(page)).toContainText(/Under way since \d\d:\d\d/);
  // The other follows by itself.
  await expect(next(phone)).toContainText(/Under way since \d\d:\d\d/);
  await steps.setOffline(true);
  await tell(phone, "Done");
  const notSent = phone.getByRole("status").filter({ hasText: "not sent yet" });
  await expect(notSent).toContainText("1 told and not sent yet: kept in this browser");
  await tell(phone, "Done already");
  await expect(notSent).toContainText("2 told");
  await expect(next(page)).toContainText("Under way");
  expect(await toldOf(page, id)).toEqual(["began"]);
  // The page that told it is gone before the connection is back: another page of the browser sends it.
  await phone.close();
  await steps.setOffline(false);
  const home = atRest(await steps.newPage());
  await home.goto("/");
  await expect.poll(() => toldOf(page, id)).toEqual(["began", "finished", "finished"]);
  await expect(next(page)).not.toContainText("Under way");
  await page.keyboard.press("5");
  await unfold(page, "What was told");
  const told = page.getByRole("region", { name: "What was told" });
  await expect(told.getByRole("listitem")).toHaveCount(3);
  const thing = next(page).locator("p.font-semibold");
  const after = await thing.innerText();
  await told
    .getByRole("button", { name: /^Take back: Done: / })
    .first()
    .click();
  await expect(thing).not.toHaveText(after);
  await told.getByRole("button", { name: /^Count it again: / }).click();
  await expect(thing).toHaveText(after);
  await expectAccessible(page);
  await steps.close();
});

test("marks that are ticked are known on every device, and to be made anew once they read otherwise", async ({
  page,
  browser,
  baseURL,
}) => {
  const id = await makeJob(page, stripedWall("Ticked"));
  await page.goto(`/jobs/${id}/w/mark`);
  const marks = (on: Page) => on.getByRole("region", { name: "Marks" });
  await marks(page).getByRole("checkbox").first().check();
  await expect(marks(page)).toContainText("1 of 12");
  const other = await browser.newContext({ baseURL });
  const phone = atRest(await other.newPage());
  await phone.goto(`/jobs/${id}/w/mark`);
  await expect(marks(phone)).toContainText("1 of 12");
  await marks(page).getByRole("checkbox").nth(1).check();
  await expect(marks(phone)).toContainText("2 of 12");
  await marks(phone).getByRole("checkbox").first().uncheck();
  await expect(marks(page)).toContainText("1 of 12");
  // A wall that turns out wider moves its lines.
  const document = stripedWall("Ticked", { wall: { width: 4280 } });
  await page.request.put(`/api/jobs/${id}/job`, { data: document, headers: { "if-match": '"1"' } });
  await expect(marks(page)).toContainText(/0 of 1/);
  await other.close();
});

test("a job goes with what happened on it to another folder, and on from there", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Goes along"));
  await page.goto(`/jobs/${id}/w/paint`);
  await tell(page, "Done already");
  await expect.poll(() => toldOf(page, id)).toEqual(["finished"]);
  const going = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export the job with what happened on it" }).click();
  const file = await (await going).path();
  const elsewhere = await startServer();
  try {
    await page.goto(elsewhere.url);
    const taken = {
      name: "goes-along.jacaranda.zip",
      mimeType: "application/zip",
      buffer: readFileSync(file),
    };
    await page.getByLabel(/^Bring in a job file/).setInputFiles(taken);
    await expect(page).toHaveURL(/goes-along\/w\/pattern$/);
    await page.keyboard.press("7");
    await tell(page, "Begin");
    await page.keyboard.press("5");
    await unfold(page, "What was told");
    await expect(page.getByRole("region", { name: "What was told" }).getByRole("listitem")).toHaveCount(2);
    // What is no bundle is explained, and changes nothing.
    await page.goto(elsewhere.url);
    const broken = { ...taken, buffer: readFileSync(file).subarray(0, 400) };
    await page.getByLabel(/^Bring in a job file/).setInputFiles(broken);
    await expect(page.getByText(/not a zip that can be read/)).toBeVisible();
  } finally {
    await stopServer(elsewhere);
    removeFolder(elsewhere.data);
  }
});

test("thin places and sections are told on the wall as they come out, and taken back", async ({ page }) => {
  const limed = {
    paints: [
      { id: "oyster", name: "Oyster", hex: "#E9E2D0" },
      { id: "dune", name: "Dune", hex: "#C8A56E", material: "limewash" },
      { id: "rope", name: "Rope", hex: "#9C8560", material: "metallic-plaster" },
    ],
  };
  const id = await makeJob(
    page,
    stripedWall("Limed", {
      job: limed,
      finish: { kind: "limewash", paint: "dune", colours: undefined, fit: undefined },
    }),
  );
  await page.goto(`/jobs/${id}/w/colour`);
  const looked = page.getByRole("region", { name: "Limewash, as it comes out" });
  await looked.getByRole("button", { name: "Mark thin places on the wall" }).click();
  const pencil = page.getByRole("application", { name: /^Thin place on the wall/ });
  // With the keyboard 50 mm to the right of the middle, and with a click.
  await pencil.press("ArrowRight");
  await pencil.press("Enter");
  await expect(looked.getByRole("listitem")).toHaveText([/^2158 mm along, 1305 mm up/]);
  const box = (await page.getByRole("img", { name: "The wall as it will look, square on" }).boundingBox())!;
  await page.mouse.click(box.x + box.width / 4, box.y + box.height / 2);
  await expect(looked.getByRole("listitem")).toHaveCount(2);
  // Off the wall it is told so, and nothing else.
  await looked.getByRole("textbox", { name: "Along" }).fill("9 m");
  await looked.getByRole("textbox", { name: "Up" }).fill("1 m");
  await looked.getByRole("textbox", { name: "Up" }).press("Enter");
  await expect(looked.getByText("The wall goes from 0 mm to 4215 mm.")).toBeVisible();
  await expect(looked.getByRole("button", { name: "Thin here" })).toBeDisabled();
  await expect.poll(() => toldOf(page, id)).toEqual(["miss", "miss"]);
  await pencil.press("Escape");
  await expect(pencil).toHaveCount(0);
  await looked.getByRole("button", { name: /^Take back the thin place 2/ }).click();
  await expect(looked.getByRole("listitem")).toHaveCount(1);
  const today = new Date().toISOString().slice(0, 16);
  const planned = async () => (await page.request.get(`/api/jobs/${id}/plan?now=${today}`)).text();
  await expect.poll(planned).toContain("the thin places (1 marked: ");
  await expectAccessible(page);

  const metal = {
    kind: "trowelled",
    tones: [{ paint: "rope", share: 1 }],
    colours: undefined,
    fit: undefined,
  };
  const other = await makeJob(page, stripedWall("Trowelled", { job: limed, finish: metal }));
  await page.goto(`/jobs/${other}/w/colour`);
  const sections = page.getByRole("region", { name: "Trowelled, as it comes out" });
  const list = sections.getByRole("combobox", { name: "Section, in the order in which they are laid" });
  await expect(list).toHaveText(/^1 of/);
  await sections.getByRole("button", { name: "laid heavier" }).click();
  await expect(list).toHaveText(/^2 of/);
  await expect.poll(() => toldOf(page, other)).toEqual(["section"]);
});

test("a pattern that is changed under painted work says so, and its mend stands in the days", async ({
  page,
}) => {
  const id = await makeJob(page, stripedWall("Turned"));
  const plan = (await (await page.request.get(`/api/jobs/${id}/plan`)).json()) as Plan;
  const work = plan.steps.flatMap(workToTell);
  const entry = {
    ...{
      format: "jacaranda-entry/1",
      id: "01JD8Z00000000000000000001",
      job: id,
      by: "Wren",
      device: "steps",
    },
    ...{ at: new Date(Date.now() - 3_600_000).toISOString(), kind: "finished", work },
  };
  const sent = await page.request.post(`/api/jobs/${id}/journal`, { data: { entries: [entry] } });
  expect(await sent.json()).toMatchObject({ refused: [] });
  await page.goto(`/jobs/${id}/w/days`);
  await expect(next(page)).toBeVisible();
  await page.keyboard.press("2");
  await expect(page).toHaveURL(/pattern$/);
  const document = stripedWall("Turned", {
    job: { paints: [...stripedWall("").paints, { id: "lantern", name: "Lantern", hex: "#E0A23C" }] },
    finish: { colours: ["lantern", "oyster"] },
  });
  await page.request.put(`/api/jobs/${id}/job`, { data: document, headers: { "if-match": '"1"' } });
  await expect(page.getByText(/pieces are on the wall already in another paint/).first()).toBeVisible();
  await page.keyboard.press("5");
  await expect(next(page)).toContainText(/Clear the room|Set up/);
  const now = new Date().toISOString().slice(0, 16);
  const mended = (await (await page.request.get(`/api/jobs/${id}/plan?now=${now}`)).json()) as {
    steps: { id: string; state: string }[];
  };
  const open = mended.steps.filter(({ state }) => state !== "done").map((step) => step.id);
  expect(open).toEqual(expect.arrayContaining(["cover/again", "w/tape-2", "w/paint-2-lantern-1"]));
});
