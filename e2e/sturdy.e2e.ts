import { request as httpRequest } from "node:http";
import { launch, removeFolder, startServer, stopServer, temporaryFolder } from "./support/server";
import { expect, makeJob, stripedWall, test } from "./support/test";

test("a kill right after Saved loses nothing", async ({ browser }) => {
  const first = await startServer();
  const page = await browser.newPage({ baseURL: first.url });
  const id = await makeJob(page, stripedWall("Killed"));
  await page.goto(`/jobs/${id}/w/measure`);
  await page.getByLabel("Skirting").fill("123 mm");
  await page.getByLabel("Skirting").press("Enter");
  await expect(page.getByRole("status"))
    .toHaveText("Not saved yet")
    .catch(() => undefined);
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
  expect(oneLine(inUse.output)).toBe(
    `The data folder ${server.data} is in use by process ${server.process.pid}, which serves ${server.url}.`,
  );
  const readOnly = await launch({ PORT: String(server.port + 1), JACARANDA_DATA: "/sys/jacaranda" });
  expect(oneLine(readOnly.output)).toMatch(
    /^The data folder \/sys\/jacaranda cannot be written to \(\w+\)\.$/,
  );
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
  expect((await put('"7"', stripedWall("Refused"))).status()).toBe(409);
  expect((await put('"1"', { format: "other" })).status()).toBe(422);
  expect((await put("", stripedWall("Refused"))).status()).toBe(428);
  expect((await page.request.post("/api/jobs", { data: "x".repeat(5_100_000) })).status()).toBe(413);
  expect(await (await page.request.get(`/api/jobs/${id}/job`)).text()).toBe(before);
  expect((await page.request.get("/api/jobs/nothing/plan")).status()).toBe(404);
  expect((await page.goto("/jobs/nothing/w/mark"))!.status()).toBe(404);
});
