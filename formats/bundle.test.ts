import { createHash } from "node:crypto";
import { strToU8, zipSync } from "fflate";
import { expect, it } from "vitest";
import { oneWall } from "@/core/job/tests/jobs";
import { readBundle, writeBundle } from "./bundle";

const sha256Of = (bytes: Uint8Array) => createHash("sha256").update(bytes).digest("hex");
const read = (bytes: Uint8Array) => readBundle(bytes, sha256Of);
const png = new Uint8Array([0x89, ...strToU8("PNG\r\n\x1a\n"), 1, 2, 3]);
const job = JSON.stringify(oneWall({}, { fit: { by: "count", count: 3 } }));
const entry = {
  format: "jacaranda-entry/1",
  id: "0".repeat(26),
  job: "j",
  at: "2027-01-12T09:00:00Z",
  by: "Wren",
  kind: "note",
  words: "x",
};
const journal = `${JSON.stringify(entry)}\n`;
const problemsOf = (files: Record<string, Uint8Array>) => {
  const answer = read(zipSync(files));
  return answer.ok ? [] : answer.problems.map(({ path }) => path);
};

it("comes back as it was written, and the same things are the same bytes", () => {
  const bundle = { job, journal, attachments: new Map([[sha256Of(png), png]]) };
  const bytes = writeBundle(bundle);
  const answer = read(bytes);
  expect(answer).toMatchObject({ ok: true, bundle: { job, journal }, entries: [{ kind: "note" }] });
  expect(answer.ok && answer.bundle.attachments.get(sha256Of(png))).toEqual(png);
  expect(writeBundle(bundle)).toEqual(bytes);
});

it("of a foreign hand is refused with where it is wrong", () => {
  const good = { "job.json": strToU8(job), "journal.jsonl": strToU8(journal) };
  expect(problemsOf(good)).toEqual([]);
  expect(problemsOf({ "journal.jsonl": strToU8("") })).toEqual(["job.json"]);
  expect(problemsOf({ ...good, "../../etc/passwd": png })).toEqual(["../../etc/passwd"]);
  expect(problemsOf({ ...good, [`attachments/${"0".repeat(64)}`]: png })).toEqual([
    `attachments/${"0".repeat(64)}`,
  ]);
  const text = strToU8("<script>");
  expect(problemsOf({ ...good, [`attachments/${sha256Of(text)}`]: text })).toEqual([
    `attachments/${sha256Of(text)}`,
  ]);
  // A bomb of zeros is not unpacked: a picture of 2 MB is a kilobyte or two in the zip.
  expect(problemsOf({ ...good, [`attachments/${"1".repeat(64)}`]: new Uint8Array(2e6) })).toHaveLength(1);
  expect(problemsOf({ ...good, "journal.jsonl": strToU8(`${journal}{}\nnonsense\n`) })).toContain(
    "journal.jsonl:3",
  );
  expect(problemsOf({ ...good, "job.json": strToU8("{}") })[0]).toMatch(/^job\.json /);
  expect(read(strToU8("PK nonsense"))).toMatchObject({ ok: false });
  expect(read(writeBundle({ job, journal, attachments: new Map() }).slice(0, 60))).toMatchObject({
    ok: false,
  });
});
