import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import { emitPlan } from "@/core/job/emitPlan";
import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { hardDocument } from "@/core/job/tests/hardJob";
import { randomDocument } from "./documents";
import { randomOf } from "./support";

/**
 * One line a document, its name and the hash of its plan's bytes: the demo, a hard job and so many random ones. Two versions
 * of the program that answer the same lines plan the same.
 */
export function* hashPlans(count: number, seed: number): Generator<string> {
  yield hashOf("demo", readFileSync("docs/examples/ferry-landing.json", "utf8"));
  yield hashOf("hard", JSON.stringify(hardDocument()));
  for (let index = 0; index < count; index++) {
    yield hashOf(String(seed + index), JSON.stringify(randomDocument(randomOf(seed + index))));
  }
}

function hashOf(name: string, text: string): string {
  const parsed = parseJobText(text);
  const answer = parsed.ok ? emitPlan(plan(parsed.job)) : JSON.stringify(parsed.problems);
  return `${name} ${createHash("sha256").update(answer).digest("hex").slice(0, 16)}`;
}
