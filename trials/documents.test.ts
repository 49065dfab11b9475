import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { expect, inject, it } from "vitest";
import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { rehearse } from "@/core/rehearse/rehearse";
import type { RandomDocument } from "./documents";
import { tryDocument, tryDocuments } from "./fuzz";

it("random documents: no throw, areas that add up, no wet paint taped, buttons that cure", async () => {
  const { counts, faults } = await tryDocuments(60, inject("propertySeed") % 1000, 30);
  expect(faults).toEqual([]);
  expect(counts.planned).toBeGreaterThan(30);
  expect(counts.cures).toBeGreaterThan(10);
});

const pinned = join("trials", "pinned");

it.each(readdirSync(pinned))("a document that once did not hold does: %s", (name) => {
  const text = readFileSync(join(pinned, name), "utf8");
  const parsed = parseJobText(text);
  if (!parsed.ok) {
    expect(parsed.problems.map(({ message }) => message)).not.toEqual([]);
    return;
  }
  // (Each button of one that was slow is a plan of its own.)
  const cure = /^(slow|hang)/.test(name) ? null : () => undefined;
  const { found, isSlow } = tryDocument(JSON.parse(text) as RandomDocument, parsed.job, cure);
  expect(found).toEqual([]);
  expect(isSlow).toBe(false);
  expect(rehearse(parsed.job, plan(parsed.job)).walls).toHaveLength(parsed.job.walls.length);
});
