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
import type { JobRepository } from "./jobRepository";
import { reasonOf, StoreProblem } from "./storeProblem";

/** Job files as they are exported: the job's id is the file's name. */
const suffix = ".jacaranda.json";
const mostKept = 10;
const dated = /^\d{4}-\d{2}-\d{2}/;

const backupsFolder = (folder: string): string => join(folder, "backups");

/** What a backup of a day is called: its date here, where the painter is. */
export function nameOfDay(now: Date): string {
  const two = (part: number) => String(part).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/**
 * Writes all jobs as files into backups/NAME of the data folder, unless that is there already, and keeps the newest
 * ten. It is made aside and renamed when it is whole and on the disk.
 */
export async function backUp(
  folder: string,
  name: string,
  list: () => Promise<{ id: string; document: string }[]>,
): Promise<void> {
  const all = backupsFolder(folder);
  if (existsSync(join(all, name))) return;
  const jobs = await list();
  if (jobs.length === 0) return;
  const aside = join(all, "new");
  rmSync(aside, { recursive: true, force: true });
  try {
    mkdirSync(aside, { recursive: true });
    for (const { id, document } of jobs) writeFileSync(join(aside, `${id}${suffix}`), document);
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
 * Brings back a job file, or every job file in a folder. Nothing that is there is written over: a job that has changed
 * since keeps its place, and the file's becomes a job beside it. `check` answers what is wrong with a document.
 */
export async function restore(
  path: string,
  jobs: JobRepository,
  check: (document: string) => string | null,
): Promise<{ file: string; as: string; how: Restored }[]> {
  const answers: { file: string; as: string; how: Restored }[] = [];
  const read = filesAt(path).map((file) => ({ file, ...readJob(file, check) }));
  for (const { file, id, document } of read) {
    const there = id === null ? null : await jobs.read(id);
    if (there?.document === document) answers.push({ file, as: there.id, how: "there already" });
    else if (id !== null && there === null) {
      await jobs.create(document, id);
      answers.push({ file, as: id, how: "restored" });
    } else answers.push({ file, as: await jobs.create(document), how: there ? "beside" : "restored" });
  }
  return answers;
}

function filesAt(path: string): string[] {
  const there = statSync(path, { throwIfNoEntry: false });
  if (!there) throw new StoreProblem(`There is no ${path} to restore; name a job file or a folder of them.`);
  const files = there.isDirectory()
    ? readdirSync(path)
        .filter((name) => name.endsWith(suffix))
        .sort()
        .map((name) => join(path, name))
    : [path];
  if (files.length === 0)
    throw new StoreProblem(`${path} holds no ${suffix} files; name a folder that does.`);
  return files;
}

const plainId = /^([a-z0-9]+(?:-[a-z0-9]+)*)\.jacaranda\.json$/;

function readJob(
  file: string,
  check: (document: string) => string | null,
): { id: string | null; document: string } {
  let document: string;
  try {
    document = readFileSync(file, "utf8");
  } catch (error) {
    throw new StoreProblem(`${file} cannot be read (${reasonOf(error)}); nothing was restored.`);
  }
  const problem = check(document);
  if (problem !== null)
    throw new StoreProblem(`${file} is not a job file: ${problem}. Nothing was restored.`);
  return { id: plainId.exec(file.split(/[/\\]/).at(-1)!)?.[1] ?? null, document };
}
