import type { Page } from "@playwright/test";
import { launch, removeFolder, startServer, stopServer } from "./support/server";
import { atRest, expect, makeJob, mixedWall, test } from "./support/test";

interface Told {
  readonly entries: readonly {
    readonly entry: { readonly kind: string; readonly words?: string; readonly n?: number };
  }[];
}
const toldOf = async (page: Page, id: string) =>
  ((await (await page.request.get(`/api/jobs/${id}/journal`)).json()) as Told).entries.map(
    ({ entry }) => entry,
  );

test("fifty looks and batches that were told without a server arrive once and in their order, after kills of both", async ({
  browser,
}) => {
  const first = await startServer();
  const context = await browser.newContext({ baseURL: first.url });
  let page = atRest(await context.newPage());
  const id = await makeJob(page, {
    ...mixedWall("Looked at without a server"),
    boards: [{ id: "B1", of: { paint: "kelp" }, grade: "sample" }],
  });
  const open = async () => {
    await page.goto(`/jobs/${id}/w/colour`);
    await expect(page.getByRole("region", { name: "Boards", exact: true })).toContainText("B1: Dune");
  };
  await open();
  await page.getByRole("button", { name: "Board B1 is painted" }).click();
  await expect.poll(() => toldOf(page, id)).toMatchObject([{ kind: "sample" }]);
  // What plans in the browser is there.
  await expect(page.getByText("B1 was of sample paint")).toBeVisible();
  let mix = page.getByRole("region", { name: "Mix Dune" });
  let told = 0;
  const tellSome = async (count: number) => {
    await mix.getByText(/^(A|Another) batch is made$/).click();
    for (const end = told + count; told < end;) {
      await page.getByLabel("In the client's words").fill(`look ${++told}`);
      await page
        .getByRole("group", { name: "A look at B1" })
        .getByRole("button", { name: "Not sure" })
        .click();
      await mix.getByRole("button", { name: /^Batch \d+ is made$/ }).click();
      await expect(mix.getByRole("button", { name: `Batch ${++told / 2 + 1} is made` })).toBeVisible();
    }
  };
  const restart = async () => {
    const started = await launch({ PORT: String(first.port), HOST: "127.0.0.1", JACARANDA_DATA: first.data });
    if (started.code !== null) throw new Error(started.output);
    return { ...first, process: started.process };
  };
  await stopServer(first, "SIGKILL");
  await tellSome(24);
  // The tab is gone; the next one sends what it kept, and its server is killed while it does.
  await page.close();
  const second = await restart();
  page = atRest(await context.newPage());
  mix = page.getByRole("region", { name: "Mix Dune" });
  await open();
  await expect(mix.getByRole("listitem").filter({ hasText: "Batch 12 of" })).toBeVisible();
  // What the folder has beside that is heard: a look is told of a board that was painted.
  await expect(page.getByText("B1 was of sample paint")).toBeVisible();
  await stopServer(second, "SIGKILL");
  await tellSome(26);
  const third = await restart();
  const payloads = async () =>
    (await toldOf(page, id)).slice(1).map(({ words, n }) => words ?? `batch ${n!}`);
  const inOrder = Array.from({ length: 50 }, (_, at) =>
    at % 2 === 0 ? `look ${at + 1}` : `batch ${(at + 1) / 2}`,
  );
  await expect.poll(payloads, { timeout: 60_000 }).toEqual(inOrder);
  await stopServer(third);
  await context.close();
  removeFolder(first.data);
});
