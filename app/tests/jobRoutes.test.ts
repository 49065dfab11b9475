import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import { PATCH } from "@/app/api/jobs/[jobId]/route";
import { POST as copy } from "@/app/api/jobs/[jobId]/copy/route";
import { DELETE, GET, PUT } from "@/app/api/jobs/[jobId]/job/route";
import { POST as tell } from "@/app/api/jobs/[jobId]/journal/route";
import { GET as live } from "@/app/api/jobs/[jobId]/live/route";
import { POST } from "@/app/api/jobs/route";
import { writtenEntry } from "@/core/journal/tests/entries";
import { endLines } from "@/server/live";
import { currentStore, keepStore, leaveStore } from "@/store/currentStore";
import { openStore } from "@/store/files/openStore";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-routes-"));
beforeAll(async () => {
  await keepStore(() => openStore(folder, "http://127.0.0.1:1"));
});
afterAll(async () => {
  await leaveStore();
  rmSync(folder, { recursive: true });
});

const at = (jobId: string) => ({ params: Promise.resolve({ jobId }) });
const request = (method: string, body?: string, headers: Record<string, string> = {}) =>
  new Request("http://127.0.0.1/", { method, headers, ...(body !== undefined && { body }) });
const document = (name: string) =>
  JSON.stringify({ format: "jacaranda-job/1", name, paints: [], walls: [], finishes: [] });
const problemsOf = async (response: Response) =>
  ((await response.json()) as { problems: { path: string; message: string }[] }).problems;
const listed = async (id: string) => (await (await currentStore()).jobs.tiles()).find((job) => job.id === id);
const make = async (name: string) =>
  ((await (await POST(request("POST", document(name)))).json()) as { id: string }).id;

it("a job is renamed in the document that is there, put away, taken away and brought back", async () => {
  const id = await make("Rope loft");
  expect(await (await PATCH(request("PATCH", '{"name":"Sail loft"}'), at(id))).json()).toEqual({
    version: 2,
  });
  const read = await GET(request("GET"), at(id));
  expect([read.headers.get("etag"), ((await read.json()) as { name: string }).name]).toEqual([
    '"2"',
    "Sail loft",
  ]);
  expect((await PATCH(request("PATCH", '{"putAway":true}'), at(id))).status).toBe(204);
  expect((await listed(id))!.putAwayAt).not.toBeNull();
  expect((await DELETE(request("DELETE"), at(id))).status).toBe(204);
  expect((await GET(request("GET"), at(id))).status).toBe(404);
  expect((await PATCH(request("PATCH", '{"deleted":false}'), at(id))).status).toBe(204);
  expect((await GET(request("GET"), at(id))).status).toBe(200);
});

it("another name changes nothing else of what was written, and a copy's is cut between characters", async () => {
  const written = (name: string) =>
    `{ "x-tide": [12345678901234567890, 1e400, -0, 1.50],\n\t"name": ${JSON.stringify(name)}, "format": "jacaranda-job/1", "paints": [], "walls": [], "finishes": [] }`;
  const { id } = (await (await POST(request("POST", written("Tide mill")))).json()) as { id: string };
  await PATCH(request("PATCH", '{"name":"Tide shed"}'), at(id));
  expect(await (await GET(request("GET"), at(id))).text()).toBe(written("Tide shed"));
  // 200 characters as programs count them, the last of them a family of four: eleven.
  const family = "👨‍👩‍👧‍👦";
  const long = await make("x".repeat(200 - family.length) + family);
  const { id: copied } = (await (await copy(request("POST"), at(long))).json()) as { id: string };
  const text = await (await GET(request("GET"), at(copied))).text();
  expect((JSON.parse(text) as { name: string }).name).toBe(`Copy of ${"x".repeat(189)}`);
});

it("a copy begins as its job stands, and goes its own way", async () => {
  const id = await make("Net store");
  const answered = (await (await copy(request("POST"), at(id))).json()) as { id: string };
  expect(answered.id).not.toBe(id);
  const changed = await PUT(request("PUT", document("Other"), { "if-match": '"1"' }), at(answered.id));
  expect(changed.status).toBe(200);
  expect((await listed(id))!.name).toBe("Net store");
  expect((await listed(answered.id))!.name).toBe("Other");
});

it.each([
  ["no JSON", "{", 422, /expected a name/],
  ["an empty name", '{"name":"  "}', 422, /expected a name/],
  ["something else beside", '{"name":"A","putAway":true}', 422, /expected a name/],
  ["deletion by this way", '{"deleted":true}', 422, /expected a name/],
])("%s changes nothing and is told", async (_, body, status, message) => {
  const id = await make("Quay shed");
  const answered = await PATCH(request("PATCH", body), at(id));
  expect(answered.status).toBe(status);
  expect((await problemsOf(answered))[0]!.message).toMatch(message);
  expect(await listed(id)).toMatchObject({ name: "Quay shed", version: 1, putAwayAt: null, deletedAt: null });
});

it("what is not there, stale or without a version is refused", async () => {
  const id = await make("Slipway");
  for (const route of [
    PATCH(request("PATCH", '{"putAway":true}'), at("none")),
    copy(request("POST"), at("none")),
  ])
    expect((await route).status).toBe(404);
  expect((await DELETE(request("DELETE"), at("none"))).status).toBe(404);
  const save = (version?: string) =>
    PUT(request("PUT", document("Slip"), version === undefined ? {} : { "if-match": version }), at(id));
  expect((await save()).status).toBe(428);
  expect((await save('"99999999999"')).status).toBe(428);
  expect((await save('"7"')).status).toBe(409);
  const bad = await PUT(request("PUT", '{"format":"other"}', { "if-match": '"1"' }), at(id));
  expect([bad.status, (await problemsOf(bad))[0]!.path]).toEqual([422, "format"]);
});

it("whoever has a job open hears how far it has come, at once and as it goes on, until the program stops", async () => {
  const id = await make("Tide house");
  const lines = await live(request("GET"), at(id));
  expect(lines.headers.get("content-type")).toMatch("text/event-stream");
  const reader = lines.body!.pipeThrough(new TextDecoderStream()).getReader();
  const next = async (): Promise<unknown> => {
    for (;;) {
      const { value, done } = await reader.read();
      if (done) return "ended";
      const data = /^data: (.*)$/m.exec(value)?.[1];
      if (data !== undefined) return JSON.parse(data);
    }
  };
  expect(await next()).toEqual({ version: 1, seq: 0 });
  await PUT(request("PUT", document("Tide house by the slip"), { "if-match": '"1"' }), at(id));
  expect(await next()).toEqual({ version: 2, seq: 0 });
  const entry = { ...writtenEntry(1, "2027-01-12T09:00:00+01:00", "note", { words: "dry" }), job: id };
  await tell(request("POST", JSON.stringify({ entries: [entry, entry] })), at(id));
  expect(await next()).toEqual({ version: 2, seq: 1 });
  await DELETE(request("DELETE"), at(id));
  expect(await next()).toBeNull();
  endLines();
  expect(await next()).toBe("ended");
  expect((await live(request("GET"), at("nowhere"))).status).toBe(404);
});
