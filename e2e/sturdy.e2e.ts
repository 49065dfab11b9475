import { mkdirSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { request as httpRequest } from "node:http";
import { connect } from "node:net";
import { join } from "node:path";
import { launch, removeFolder, startServer, stopServer, temporaryFolder } from "./support/server";
import { atRest, expect, makeJob, stripedWall, test } from "./support/test";

test("a kill right after Saved loses nothing", async ({ browser }) => {
  const first = await startServer();
  const page = atRest(await browser.newPage({ baseURL: first.url }));
  const id = await makeJob(page, stripedWall("Killed"));
  await page.goto(`/jobs/${id}/w/measure`);
  // The save is held until it has been seen that it is not there yet.
  let letGo = () => {};
  const seen = new Promise<void>((resolve) => (letGo = resolve));
  await page.route(`**/api/jobs/${id}/job`, async (route) => {
    if (route.request().method() === "PUT") await seen;
    await route.continue();
  });
  await page.getByLabel("Skirting").fill("123 mm");
  await page.getByLabel("Skirting").press("Enter");
  await expect(page.getByRole("status")).toHaveText(/Not saved yet|Saving/);
  letGo();
  await expect.poll(async () => page.getByRole("status").textContent()).toBe("Saved");
  await stopServer(first, "SIGKILL");
  const second = await startServer(first.data);
  const answer = await fetch(`${second.url}/api/jobs/${id}/job`);
  expect(((await answer.json()) as { walls: object[] }).walls[0]).toMatchObject({ skirting: "123 mm" });
  await stopServer(second);
  removeFolder(first.data);
  await page.close();
});

test("what cannot start says why in one sentence", async ({ server }) => {
  const oneLine = (output: string) => output.trim().split("\n").at(-1);
  const folder = temporaryFolder();
  const taken = await launch({ PORT: String(server.port), JACARANDA_DATA: folder });
  expect(taken.code).toBe(1);
  expect(oneLine(taken.output)).toContain(`Port ${server.port} is taken by process ${server.process.pid}`);
  const inUse = await launch({ PORT: String(server.port + 1), JACARANDA_DATA: server.data });
  expect(oneLine(inUse.output)).toContain(
    `The data folder ${server.data} is in use by process ${server.process.pid}, which serves ${server.url}.`,
  );
  const readOnly = await launch({ PORT: String(server.port + 1), JACARANDA_DATA: "/sys/jacaranda" });
  expect(oneLine(readOnly.output)).toMatch(
    /^The data folder \/sys\/jacaranda cannot be written to \(\w+\); choose another with JACARANDA_DATA\.$/,
  );
  mkdirSync(join(folder, "database"));
  writeFileSync(join(folder, "database", "something"), "of someone's");
  const foreign = await launch({ PORT: String(server.port + 1), JACARANDA_DATA: folder });
  expect(oneLine(foreign.output)).toContain("is not a whole database (its PG_VERSION is missing)");
  expect(readdirSync(join(folder, "database"))).toEqual(["something"]);
  const open = await launch({ HOST: "0.0.0.0", PORT: String(server.port + 1), JACARANDA_DATA: folder });
  expect(oneLine(open.output)).toContain("there is no passcode yet");
  removeFolder(folder);
});

test("foreign hosts and origins are turned away, and a policy is set", async ({ server, request }) => {
  const statusOf = (headers: Record<string, string>) =>
    new Promise<number>((resolve, reject) =>
      httpRequest({ host: "127.0.0.1", port: server.port, path: "/", headers }, (response) => {
        response.resume();
        resolve(response.statusCode!);
      })
        .on("error", reject)
        .end(),
    );
  expect(await statusOf({ host: `127.0.0.1:${server.port}` })).toBe(200);
  expect(await statusOf({ host: `localhost:${server.port}` })).toBe(200);
  expect(await statusOf({ host: "ferry.example" })).toBe(403);
  expect(await statusOf({ host: `127.0.0.1:${server.port}`, origin: "http://ferry.example" })).toBe(403);
  expect(await statusOf({ host: `127.0.0.1:${server.port}`, origin: "null" })).toBe(403);
  const policy = (await request.get("/")).headers()["content-security-policy"];
  expect(policy).toContain("object-src 'none'");
  expect(policy).not.toContain("unsafe-eval");
});

test("a stale or shapeless save is refused and changes nothing", async ({ page }) => {
  const id = await makeJob(page, stripedWall("Refused"));
  const put = (version: string, data: unknown) =>
    page.request.put(`/api/jobs/${id}/job`, { data: data as object, headers: { "if-match": version } });
  const before = await (await page.request.get(`/api/jobs/${id}/job`)).text();
  expect((await put('"7"', stripedWall("Refused, twice"))).status()).toBe(409);
  expect((await put('"1"', { format: "other" })).status()).toBe(422);
  expect((await put("", stripedWall("Refused"))).status()).toBe(428);
  expect((await page.request.post("/api/jobs", { data: "x".repeat(5_100_000) })).status()).toBe(413);
  expect(await (await page.request.get(`/api/jobs/${id}/job`)).text()).toBe(before);
  expect((await page.request.get("/api/jobs/nothing/plan")).status()).toBe(404);
  expect((await page.goto("/jobs/nothing/w/mark"))!.status()).toBe(404);
});

test("what no address, name or version can be is refused with a sentence, and never a fault", async ({
  page,
  server,
}) => {
  const id = await makeJob(page, stripedWall("Doors"));
  const post = (document: unknown) =>
    page.request.post("/api/jobs", {
      data: typeof document === "string" ? document : JSON.stringify(document),
    });
  for (const name of ["a\u0000b", "half \ud800 of one", "two\nlines", "bell \u0007"]) {
    const refused = await post(stripedWall(name));
    expect(refused.status()).toBe(422);
    expect(((await refused.json()) as { problems: { path: string }[] }).problems[0]!.path).toBe("name");
  }
  for (const wall of [".", "..", "a\tb"])
    expect((await post(stripedWall("Ids", { wall: { id: wall }, finish: { on: wall } }))).status()).toBe(422);
  expect((await post(`\ufeff\ufeff${JSON.stringify(stripedWall("Marked twice"))}`)).status()).toBe(201);
  const put = (version: string) =>
    page.request.put(`/api/jobs/${id}/job`, { data: stripedWall("Doors"), headers: { "if-match": version } });
  for (const version of ['"99999999999999999999"', '"2147483648"', '"-1"', '"1.5"'])
    expect((await put(version)).status()).toBe(428);
  for (const path of [
    "/jobs/%00",
    "/jobs/%ff/w/mark",
    "/api/jobs/%ff/plan",
    "/api/jobs/a%00b/job",
    "/jobs/%0a",
  ]) {
    const answer = await raw(server.port, `GET ${path} HTTP/1.1`);
    expect(answer).toMatch(/^HTTP\/1\.1 4\d\d /);
  }
  const own = `127.0.0.1:${server.port}`;
  expect(await raw(server.port, `GET http://ferry.example/jobs HTTP/1.1`)).toMatch(/^HTTP\/1\.1 400 /);
  expect(await raw(server.port, `GET //ferry.example/.. HTTP/1.1`)).toMatch(/^HTTP\/1\.1 400 /);
  expect(await raw(server.port, `GET http://${own}/api/jobs/${id}/job HTTP/1.1`)).toMatch(/^HTTP\/1\.1 200 /);
  const answers = [`/api/jobs/${id}/job`, `/api/jobs/${id}/plan`, "/api/jobs/none/job"];
  for (const path of answers) {
    const { ["cache-control"]: caching } = (await page.request.get(path)).headers();
    expect(caching).toBe("no-store");
  }

  function raw(port: number, line: string): Promise<string> {
    return new Promise((resolve, reject) => {
      const socket = connect(port, "127.0.0.1", () =>
        socket.write(`${line}\r\nhost: 127.0.0.1:${port}\r\nconnection: close\r\n\r\n`),
      );
      let text = "";
      socket.on("data", (chunk) => (text += chunk.toString()));
      socket.on("end", () => resolve(text));
      socket.on("error", reject);
    });
  }
});

test("a job that comes to too much stands on Home with its reason, opens, and can be deleted", async ({
  page,
}) => {
  const stripes = { kind: "stripes", on: "w", colours: ["kelp", "oyster"] };
  // Either alone is drawn and planned; across each other they come to more than a plan may hold.
  const finishes = [60, 2000].map((count, index) => {
    return { ...stripes, id: `f${index}`, direction: 30 + 90 * index, fit: { by: "count", count } };
  });
  await makeJob(page, stripedWall("Far too much", { job: { finishes } }));
  await page.goto("/");
  const tile = page.getByRole("listitem").filter({ hasText: "Far too much" });
  await expect(tile).toContainText("This comes to more than");
  await tile
    .getByRole("link", { name: /Far too much/ })
    .first()
    .click();
  await expect(page.getByText("This comes to more than")).toBeVisible();
  await page.getByRole("button", { name: "Take off" }).click();
  await expect(page.getByText("This comes to more than")).toHaveCount(0);
  await page.getByRole("link", { name: "Jacaranda, all jobs" }).click();
  await tile.getByRole("button", { name: "More about Far too much" }).click();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await expect(page.getByRole("region", { name: "Jobs" }).getByText("Far too much")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(tile).toBeVisible();
});

test("a lock that is taken away stops the saving, and says so; backups and files come back", async ({
  page,
}) => {
  const server = await startServer();
  const put = (id: string, version: number, skirting: number) =>
    fetch(`${server.url}/api/jobs/${id}/job`, {
      method: "PUT",
      headers: { "if-match": `"${version}"` },
      body: JSON.stringify(stripedWall("Held", { wall: { skirting } })),
    });
  const created = await page.request.post(`${server.url}/api/jobs`, { data: stripedWall("Held") });
  const { id } = (await created.json()) as { id: string };
  expect((await put(id, 1, 100)).status).toBe(200);
  for (const name of readdirSync(server.data))
    if (name.startsWith("jacaranda.lock")) rmSync(join(server.data, name));
  const refused = await put(id, 2, 101);
  expect(refused.status).toBe(503);
  expect(((await refused.json()) as { problems: { message: string }[] }).problems[0]!.message).toContain(
    "is no longer held by this program",
  );
  await stopServer(server);
  const [day] = readdirSync(join(server.data, "backups"));
  const backup = join(server.data, "backups", day!, "the-ferry-landing.jacaranda.zip");
  // What is brought back stands as it is where nothing was changed since; a folder begun now has a demo of this minute.
  const restored = await launch({ PORT: String(server.port), JACARANDA_DATA: server.data }, [
    "--restore",
    backup,
  ]);
  expect(restored.output).toContain("is there as it is (the-ferry-landing)");
  const { walls } = (await (await fetch(`${server.url}/api/jobs/${id}/job`)).json()) as { walls: object[] };
  expect(walls[0]).toMatchObject({ skirting: 100 });
  await stopServer({ ...server, process: restored.process });
  removeFolder(server.data);
});
