import {
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { join } from "node:path";
import { syncTree, syncPath } from "./durableFiles";
import type { Problem } from "@/core/job/problem";
import { writeBundle, type Bundle } from "@/formats/bundle";
import { bundleOf, readBundleFile, takeIn, type JobStores } from "../bundles";
import { reasonOf, StoreProblem } from "../storeProblem";

/** Jobs as they are exported, those on which something has happened as bundles: the job's id is the file's name. */
const suffixes = [".jacaranda.json", ".jacaranda.zip"] as const;
const isBundle = (file: string): boolean => file.endsWith(suffixes[1]);
const mostKept = 10;
const dated = /^\d{4}-\d{2}-\d{2}/;

const backupsFolder = (folder: string): string => join(folder, "backups");

/** What a backup of a day is called: its date here, where the painter is. */
export function nameOfDay(now: Date): string {
  const two = (part: number) => String(part).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/**
 * Writes all jobs with what happened on them as files into backups/NAME of the data folder, unless that is there already, and keeps the newest
 * ten. It is made aside and renamed when it is whole and on the disk.
 */
export async function backUp(
  folder: string,
  name: string,
  list: () => AsyncIterable<Bundle & { readonly id: string }>,
): Promise<void> {
  const all = backupsFolder(folder);
  if (existsSync(join(all, name))) return;
  const aside = join(all, "new");
  rmSync(aside, { recursive: true, force: true });
  try {
    mkdirSync(aside, { recursive: true });
    let count = 0;
    // Job by job: no more than one is held at a time.
    for await (const { id, ...bundle } of list()) {
      const isPlain = bundle.journal === "" && bundle.attachments.size === 0;
      const [file, bytes] = isPlain ? [suffixes[0], bundle.job] : [suffixes[1], writeBundle(bundle)];
      writeFileSync(join(aside, `${id}${file}`), bytes);
      count++;
    }
    if (count === 0) return rmSync(aside, { recursive: true });
    syncTree(aside);
    renameSync(aside, join(all, name));
  } catch (error) {
    // Half a backup must not take the last room from the jobs themselves.
    rmSync(aside, { recursive: true, force: true });
    throw error;
  }
  syncPath(all);
  const old = readdirSync(all)
    .filter((candidate) => dated.test(candidate))
    .sort()
    .slice(0, -mostKept);
  for (const candidate of old) rmSync(join(all, candidate), { recursive: true, force: true });
}

/** What became of a restored file. */
export type Restored = "restored" | "there already" | "beside";

/**
 * Brings back a job from its file, or from every one in a folder, with what happened on it. Nothing that is there is written over: a job that has changed
 * since keeps its place, and the file's becomes a job beside it. `check` answers what is wrong with a document.
 */
export async function restore(
  path: string,
  stores: JobStores,
  check: (document: string) => string | null,
): Promise<{ file: string; as: string; how: Restored }[]> {
  const answers: { file: string; as: string; how: Restored }[] = [];
  const read = filesAt(path).map((file) => ({ file, ...readJob(file, check) }));
  for (const { file, id, bundle } of read) {
    const there = id === null ? null : await bundleOf(stores, id);
    if (id !== null && there && isSame(there, bundle)) answers.push({ file, as: id, how: "there already" });
    else {
      const as = await takeIn(stores, bundle, { wanted: id !== null && there === null ? id : undefined });
      answers.push({ file, as, how: there ? "beside" : "restored" });
    }
  }
  return answers;
}

/** Pictures are named by the journal. */
const isSame = (a: Bundle, b: Bundle): boolean => a.job === b.job && a.journal === b.journal;

function filesAt(path: string): string[] {
  const there = statSync(path, { throwIfNoEntry: false });
  if (!there) throw new StoreProblem(`There is no ${path} to restore; name a job file or a folder of them.`);
  const files = there.isDirectory()
    ? readdirSync(path)
        .filter((name) => suffixes.some((suffix) => name.endsWith(suffix)))
        .sort()
        .map((name) => join(path, name))
    : [path];
  if (files.length === 0)
    throw new StoreProblem(`${path} holds no ${suffixes.join(" or ")} files; name a folder that does.`);
  return files;
}

const plainId = /^([a-z0-9]+(?:-[a-z0-9]+)*)\.jacaranda\.(?:json|zip)$/;

function readJob(
  file: string,
  check: (document: string) => string | null,
): { id: string | null; bundle: Bundle } {
  const id = plainId.exec(file.split(/[/\\]/).at(-1)!)?.[1] ?? null;
  const bytes = readBytes(file);
  if (isBundle(file)) {
    const read = readBundleFile(bytes);
    if (read.ok) return { id, bundle: read.bundle };
    const [{ path, message }] = read.problems as [Problem];
    throw new StoreProblem(
      `${file} is not a job with its journal: ${path} ${message}. Nothing was restored.`,
    );
  }
  const job = new TextDecoder().decode(bytes);
  const problem = check(job);
  if (problem !== null)
    throw new StoreProblem(`${file} is not a job file: ${problem}. Nothing was restored.`);
  return { id, bundle: { job, journal: "", attachments: new Map() } };
}

function readBytes(file: string): Uint8Array {
  try {
    return readFileSync(file);
  } catch (error) {
    throw new StoreProblem(`${file} cannot be read (${reasonOf(error)}); nothing was restored.`);
  }
}
