import {
  closeSync,
  linkSync,
  mkdirSync,
  openSync,
  renameSync,
  rmSync,
  ftruncateSync,
  writeSync,
} from "node:fs";
import { dirname, join } from "node:path";
import type { FileOperation } from "./journal";

type Named = Extract<FileOperation, { path: string }>;

/**
 * Makes in `folder` what a loss of power after the first `cut` operations may leave. What was synced is there. Of what
 * was written since, every page may or may not be; the changes of folders come back in their order up to some place at
 * or after the last one that was synced, as a journalling file system has it. `random` answers 0 to 1.
 */
export function losePower(
  operations: readonly FileOperation[],
  cut: number,
  folder: string,
  random: () => number,
): void {
  const before = operations.slice(0, cut);
  const names = before.filter((one): one is Named => "path" in one && one.op !== "syncFolder");
  const kept = names.slice(0, keptNames(before, names, random));
  const handles = new Map<number, number>();
  const written = keptWrites(before, random);
  for (const one of kept) apply(one, folder, handles);
  for (const one of written) {
    const handle = handles.get(one.file);
    if (handle === undefined) continue;
    if (one.op === "truncate") ftruncateSync(handle, one.size);
    else if (one.op === "write") writeSync(handle, one.data, 0, one.data.length, one.at);
  }
  for (const handle of handles.values()) closeSync(handle);
}

/** How many of the changes of folders are there: all up to the last that is synced, and some more. */
function keptNames(before: readonly FileOperation[], names: readonly Named[], random: () => number): number {
  const placeOf = new Map<FileOperation, number>(names.map((one, place) => [one, place]));
  const lastIn = new Map<string, number>();
  let least = 0;
  for (const one of before) {
    if (one.op === "syncFolder") least = Math.max(least, (lastIn.get(one.path) ?? -1) + 1);
    const place = placeOf.get(one);
    if (place === undefined || !("path" in one)) continue;
    for (const path of "to" in one ? [one.path, one.to] : [one.path]) {
      const parent = dirname(path);
      lastIn.set(parent === "." ? "" : parent, place);
    }
  }
  const mood = random();
  if (mood < 0.4) return least;
  return mood < 0.6 ? names.length : least + Math.floor(random() * (names.length - least + 1));
}

type Change = Extract<FileOperation, { op: "write" | "truncate" }>;

function keptWrites(before: readonly FileOperation[], random: () => number): Change[] {
  const lastSync = new Map<number, number>();
  before.forEach((one, place) => one.op === "sync" && lastSync.set(one.file, place));
  const share = [0, 1, 0.5, 0.9][Math.floor(random() * 4)]!;
  return before.filter((one, place): one is Change => {
    if (one.op !== "write" && one.op !== "truncate") return false;
    return place < (lastSync.get(one.file) ?? -1) || random() < share;
  });
}

/** Files stay open under their number, so that what is written to them does not care what they are called. */
function apply(one: Named, folder: string, handles: Map<number, number>): void {
  const path = join(folder, one.path);
  switch (one.op) {
    case "mkdir":
      mkdirSync(path, { recursive: true });
      return;
    case "create":
      closeSync(openSync(path, "a"));
      return;
    case "name":
      handles.set(one.file, openSync(path, "r+"));
      return;
    case "rename":
      renameSync(path, join(folder, one.to));
      return;
    case "link":
      linkSync(path, join(folder, one.to));
      return;
    case "unlink":
    case "remove":
      rmSync(path, { recursive: true, force: true });
      return;
    case "syncFolder":
      return;
    default:
      one satisfies never;
  }
}
