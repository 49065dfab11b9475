import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import { fold } from "@/core/journal/fold";
import { bundleFormat, readBundle } from "@/formats/bundle";
import { listProblems, reasonOf, type Terminal } from "./terminal";

const usage = `usage: npm run --silent bundle -- FILE.zip
  checks a job with its journal and pictures, and prints what is in it`;

/** A bundle in, what is in it out. Exit 0; 2 with one line a problem. */
export function runBundle(args: readonly string[], { print, complain }: Terminal): number {
  const refuse = (message: string): number => {
    complain(`${message}\n`);
    return 2;
  };
  const [file, ...rest] = args;
  if (file === undefined || file.startsWith("--") || rest.length > 0) return refuse(usage);
  const bytes = bytesOf(file);
  if (typeof bytes === "string") return refuse(`${file}: cannot be read (${bytes}); expected a bundle`);
  const read = readBundle(bytes, (content) => createHash("sha256").update(content).digest("hex"));
  if (!read.ok) return refuse(listProblems(read.problems));
  const { bundle, entries } = read;
  const { people, first, last } = fold(entries);
  const { name } = JSON.parse(bundle.job) as { name: string };
  const kinds = new Map<string, number>();
  for (const { kind } of entries) kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
  const summary = {
    format: bundleFormat,
    job: name,
    entries: entries.length,
    kinds: Object.fromEntries([...kinds].sort()),
    unknown: entries.filter(({ isKnown }) => !isKnown).length,
    people: people.length,
    days: first && last ? last.day - first.day + 1 : 0,
    attachments: bundle.attachments.size,
  };
  print(`${JSON.stringify(summary, null, 2)}\n`);
  return 0;
}

function bytesOf(file: string): Uint8Array | string {
  try {
    return readFileSync(file);
  } catch (error) {
    return reasonOf(error);
  }
}
