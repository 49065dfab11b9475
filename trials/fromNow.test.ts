import { readFileSync } from "node:fs";
import { expect, inject, it } from "vitest";
import { parseJobText } from "@/core/job/parseJob";
import { faultsFromNow, tryFromNow } from "./fromNow";

it("planned again at a moment on which all went to plan a job stays as it is; late, nothing comes too soon", async () => {
  for (const name of ["ferry-landing", "ferry-landing-upper-rooms", "ferry-landing-small-things"]) {
    const parsed = parseJobText(readFileSync(`docs/examples/${name}.json`, "utf8"));
    expect(parsed.ok && faultsFromNow(parsed.job, name, [0.3, 0.7])).toEqual([]);
  }
  const { faults } = await tryFromNow(3, inject("propertySeed") % 1000, [0.1, 0.5]);
  expect(faults).toEqual([]);
}, 120_000);
