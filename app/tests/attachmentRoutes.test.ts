import { createHash } from "node:crypto";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import { DELETE, GET, PUT } from "@/app/api/attachments/[sha256]/route";
import { GET as bundleOfJob } from "@/app/api/jobs/[jobId]/bundle/route";
import { POST as copy } from "@/app/api/jobs/[jobId]/copy/route";
import { GET as journalOf, POST as tell } from "@/app/api/jobs/[jobId]/journal/route";
import { POST as create } from "@/app/api/jobs/route";
import { ulidOf, writtenEntry } from "@/core/journal/tests/entries";
import { mostPictureBytes, writeBundle } from "@/formats/bundle";
import { readBundleFile } from "@/store/bundles";
import { currentStore, keepStore, leaveStore } from "@/store/currentStore";
import { openStore } from "@/store/files/openStore";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-attachments-"));
beforeAll(async () => {
  await keepStore(() => openStore(folder, "http://127.0.0.1:1"));
});
afterAll(async () => {
  await leaveStore();
  rmSync(folder, { recursive: true });
});

const here = "http://127.0.0.1/";
const at = (jobId: string) => ({ params: Promise.resolve({ jobId }) });
const named = (sha256: string) => ({ params: Promise.resolve({ sha256 }) });
const hashOf = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");
const sent = (bytes: Uint8Array, headers: Record<string, string> = {}) =>
  new Request(here, { method: "PUT", body: Buffer.from(bytes), headers });
const jpeg = (...rest: number[]) => new Uint8Array([0xff, 0xd8, 0xff, 0xe0, ...rest]);
const written = (name: string) =>
  JSON.stringify({ format: "jacaranda-job/1", name, paints: [], walls: [], finishes: [] });
const idOf = async (response: Response) => ((await response.json()) as { id: string }).id;
const make = async (name: string, headers: Record<string, string> = {}) =>
  idOf(await create(new Request(here, { method: "POST", body: written(name), headers })));
const post = (job: string, ...entries: object[]) =>
  tell(new Request(here, { method: "POST", body: JSON.stringify({ entries }) }), at(job));
const read = async (job: string, query = "") => (await journalOf(new Request(here + query), at(job))).json();
const names = async () => (await (await currentStore()).jobs.tiles()).map(({ name }) => name).sort();
const problemsOf = async (response: Response) =>
  ((await response.json()) as { problems: { path: string; message: string }[] }).problems;

it("a picture is kept under what its bytes are, given out as that and nothing else, and gone once it is taken out", async () => {
  const picture = jpeg(7, 7);
  const name = hashOf(picture);
  expect((await GET(new Request(here), named(name))).status).toBe(404);
  // Sent twice, since an answer was lost.
  for (const _ of [1, 2]) expect((await PUT(sent(picture), named(name))).status).toBe(204);
  const given = await GET(new Request(here), named(name));
  expect(new Uint8Array(await given.arrayBuffer())).toEqual(picture);
  expect(given.headers.get("content-type")).toBe("image/jpeg");
  expect(given.headers.get("content-security-policy")).toMatch(/sandbox/);
  expect((await DELETE(new Request(here), named(name))).status).toBe(204);
  for (const route of [GET, DELETE]) expect((await route(new Request(here), named(name))).status).toBe(404);
});

it("what is no picture, is too large or goes by another name is told, and not kept", async () => {
  const page = new TextEncoder().encode("<script>alert(1)</script>");
  const large = new Uint8Array(mostPictureBytes + 1).fill(0xff);
  const other = hashOf(jpeg(1));
  for (const [bytes, name, status, message] of [
    [page, hashOf(page), 422, /JPEG, PNG or WebP/],
    [large, hashOf(large), 413, /over 1 MB/],
    [jpeg(2), other, 422, /not those of its name/],
    [jpeg(2), "../../secrets", 422, /not those of its name/],
    [new Uint8Array(), hashOf(new Uint8Array()), 422, /JPEG, PNG or WebP/],
  ] as const) {
    const answered = await PUT(sent(bytes), named(name));
    expect(answered.status).toBe(status);
    expect((await problemsOf(answered))[0]!.message).toMatch(message);
    expect((await GET(new Request(here), named(name))).status).toBe(404);
  }
});

it("a job goes out as one file with its journal and pictures, and the file comes in as a job beside it", async () => {
  const picture = jpeg(3);
  await PUT(sent(picture), named(hashOf(picture)));
  const id = await make("Ferry shed");
  const entries = [
    { ...writtenEntry(1, "2027-01-12T09:00:00+01:00", "note", { words: "damp by the door" }), job: id },
    {
      ...writtenEntry(2, "2027-01-12T09:05:00+01:00", "photo", { sha256: hashOf(picture) }),
      job: id,
    },
  ];
  expect((await post(id, ...entries)).status).toBe(200);
  const file = await bundleOfJob(new Request(here), at(id));
  expect(file.headers.get("content-disposition")).toContain(`${id}.jacaranda.zip`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const unpacked = readBundleFile(bytes);
  if (!unpacked.ok) throw new Error(JSON.stringify(unpacked.problems));
  expect([...unpacked.bundle.attachments.keys()]).toEqual([hashOf(picture)]);
  const zip = (body: Uint8Array) =>
    create(
      new Request(here, {
        method: "POST",
        body: Buffer.from(body),
        headers: { "content-type": "application/zip" },
      }),
    );
  const taken = await idOf(await zip(bytes));
  expect(taken).not.toBe(id);
  const came = (await read(taken)) as { entries: { entry: { id: string; job: string; by: string } }[] };
  expect(came.entries.map(({ entry }) => [entry.id, entry.job, entry.by])).toEqual([
    [ulidOf(1), taken, "Wren"],
    [ulidOf(2), taken, "Wren"],
  ]);
  // A file that does not hold makes no job, and says where it does not.
  const before = await names();
  const broken = writeBundle({ ...unpacked.bundle, journal: `${unpacked.bundle.journal}{"format":"x"}\n` });
  const refused = await zip(broken);
  expect([refused.status, (await problemsOf(refused))[0]!.path]).toEqual([
    422,
    expect.stringMatching(/^journal\.jsonl:3/),
  ]);
  expect((await zip(bytes.subarray(0, 40))).status).toBe(422);
  expect(await names()).toEqual(before);
});

it("a copy takes along what happened, and goes its own way from there", async () => {
  const id = await make("Sail loft");
  const entry = (number: number, job: string, words: string) => ({
    ...writtenEntry(number, `2027-01-12T09:0${number}:00+01:00`, "note", { words }),
    job,
  });
  await post(id, entry(1, id, "first coat is thin"));
  const copied = await idOf(await copy(new Request(here, { method: "POST" }), at(id)));
  await post(copied, entry(2, copied, "in the copy alone"));
  const wordsOf = async (job: string) =>
    ((await read(job)) as { entries: { entry: { words: string } }[] }).entries.map(
      ({ entry: told }) => told.words,
    );
  expect(await wordsOf(id)).toEqual(["first coat is thin"]);
  expect(await wordsOf(copied)).toEqual(["first coat is thin", "in the copy alone"]);
});

it("an asking whose answer was lost makes one job, however often it is asked; another asking makes another", async () => {
  const first = await make("Lamp room", { "x-asked-by": ulidOf(41) });
  expect(await make("Lamp room", { "x-asked-by": ulidOf(41) })).toBe(first);
  expect(await make("Lamp room", { "x-asked-by": ulidOf(42) })).not.toBe(first);
  // What is no such mark is as if nothing had been told.
  const strange = [
    await make("Tar shed", { "x-asked-by": "x" }),
    await make("Tar shed", { "x-asked-by": "x" }),
  ];
  expect(new Set(strange).size).toBe(2);
  expect((await names()).filter((name) => name === "Lamp room")).toHaveLength(2);
});
