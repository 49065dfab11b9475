import { test as base, expect, type Page } from "@playwright/test";
import { removeFolder, startServer, stopServer, type RunningServer } from "./server";

/**
 * A painter does not type before the page listens; a test waits for the mark that says so, and for the parts that come
 * in chunks of their own: on a busy machine React takes hold of their buttons later.
 */
export function atRest(page: Page): Page {
  const [go, reload, goBack] = [page.goto.bind(page), page.reload.bind(page), page.goBack.bind(page)];
  const listening = async <Answer>(answer: Promise<Answer>): Promise<Answer> => {
    const given = await answer;
    await listens(page);
    return given;
  };
  let isNew = true;
  page.goto = async (url, options) => {
    if (isNew) await page.addInitScript(leaveTour);
    isNew = false;
    return listening(go(url, options));
  };
  page.reload = (options) => listening(reload(options));
  page.goBack = (options) => listening(goBack(options));
  return page;
}

/** Who has been here before is not shown around. */
export function leaveTour(): void {
  try {
    localStorage.setItem("jacaranda tour", "left");
  } catch {
    // Some tests take the storage away.
  }
}

export async function listens(page: Page): Promise<void> {
  if (page.url() === "about:blank") return;
  await page.waitForFunction(
    () =>
      document.documentElement.hasAttribute("data-listening") &&
      [...document.querySelectorAll("button")].every((button) =>
        Object.keys(button).some((key) => key.startsWith("__reactProps")),
      ),
  );
}

/** Tests with a server of their worker's own, and pages that may not complain on the console. */
export const test = base.extend<{ quiet: void }, { server: RunningServer }>({
  server: [
    // The fixture's own signature asks for an object pattern.
    async ({}, provide) => {
      const server = await startServer();
      await provide(server);
      await stopServer(server);
      removeFolder(server.data);
    },
    { scope: "worker" },
  ],
  baseURL: async ({ server }, provide) => provide(server.url),
  page: async ({ page }, provide) => provide(atRest(page)),
  quiet: [
    async ({ page }, provide) => {
      const complaints: string[] = [];
      page.on("pageerror", (error) => complaints.push(String(error)));
      page.on("console", (message) => {
        if (/Content Security Policy|hydrat/i.test(message.text())) complaints.push(message.text());
      });
      await provide();
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** A job from a document, made over the same door as an import; answers its id. */
export async function makeJob(page: Page, document: object): Promise<string> {
  const response = await page.request.post("/api/jobs", { data: document });
  expect(response.status()).toBe(201);
  return ((await response.json()) as { id: string }).id;
}

export const stripedWall = (name: string, more: { wall?: object; finish?: object; job?: object } = {}) => ({
  format: "jacaranda-job/1",
  name,
  units: "metric",
  paints: [
    { id: "oyster", name: "Oyster", hex: "#E9E2D0" },
    { id: "kelp", name: "Kelp", hex: "#4C5B45", packs: [{ size: "1 L", price: 19 }] },
  ],
  walls: [
    { id: "w", name: "Test wall", width: 4215, height: 2610, skirting: 95, base: "oyster", ...more.wall },
  ],
  finishes: [
    {
      id: "f",
      on: "w",
      kind: "stripes",
      colours: ["kelp", "oyster"],
      fit: { by: "near", width: 310, ends: "same" },
      ...more.finish,
    },
  ],
  ...more.job,
});

/** The same wall, its colour Dune mixed of two paints, and of `more`: water, a limit, a container. */
export const mixedWall = (
  name: string,
  { parts = [], ...more }: { parts?: object[]; [key: string]: unknown } = {},
) => ({
  ...stripedWall(name),
  paints: [
    { id: "oyster", name: "Oyster", hex: "#E9E2D0" },
    { id: "ochre", name: "Ochre tint", hex: "#A8752B" },
    {
      id: "kelp",
      name: "Dune",
      hex: "#C9A66B",
      mix: { parts: [{ paint: "oyster", parts: 8 }, { paint: "ochre", parts: 1 }, ...parts], ...more },
    },
  ],
});

/** Opens a section of the card, unless it stands open. */
export async function unfold(page: Page, title: string): Promise<void> {
  const section = page.getByRole("region", { name: title, exact: true });
  await expect(section).toBeVisible();
  await expect(async () => {
    const folded = section.getByRole("button", { expanded: false, name: new RegExp(`^${title}`) });
    if (await folded.isVisible()) await folded.click();
    await expect(folded).toHaveCount(0, { timeout: 500 });
  }).toPass();
}

/** Chooses one of a list that opens. */
export async function choose(page: Page, list: string, option: string): Promise<void> {
  await page.getByRole("combobox", { name: list, exact: true }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}
