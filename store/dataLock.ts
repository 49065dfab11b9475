import { closeSync, openSync, readFileSync, rmSync, writeSync } from "node:fs";
import { join } from "node:path";

/** Why a data folder cannot be used, in one sentence for the person who started the program. */
export class StoreProblem extends Error {
  override name = "StoreProblem";
}

interface Holder {
  readonly pid: number;
  /** Tells this process from a later one that was given the same number. */
  readonly started: string;
  readonly address: string;
}

const lockName = "jacaranda.lock";

/**
 * Takes a data folder for this process alone. The lock file is made with `wx`, so two starts cannot both make
 * it; it names its holder, and is stale once that very process is gone, so a kill never locks anyone out.
 */
export function takeDataLock(folder: string, address: string): () => void {
  const path = join(folder, lockName);
  const holder: Holder = { pid: process.pid, started: startOf(process.pid) ?? "", address };
  for (let attempt = 0; attempt < 3; attempt++) {
    if (writeNew(path, JSON.stringify(holder))) return () => releaseLock(path, holder);
    const current = readHolder(path);
    if (current && startOf(current.pid) === current.started) {
      throw new StoreProblem(
        `The data folder ${folder} is in use by process ${current.pid}, which serves ${current.address}.`,
      );
    }
    rmSync(path, { force: true });
  }
  throw new StoreProblem(`The data folder ${folder} could not be locked; another start is under way.`);
}

function writeNew(path: string, text: string): boolean {
  try {
    const file = openSync(path, "wx");
    writeSync(file, text);
    closeSync(file);
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === "EEXIST") return false;
    throw error;
  }
}

function readHolder(path: string): Holder | null {
  try {
    const holder: unknown = JSON.parse(readFileSync(path, "utf8"));
    const { pid, started, address } = holder as Holder;
    return Number.isInteger(pid) ? { pid, started, address } : null;
  } catch {
    // Gone in the meantime, or cut short by a kill while it was written: nobody holds it.
    return null;
  }
}

function releaseLock(path: string, holder: Holder): void {
  const current = readHolder(path);
  if (current?.pid === holder.pid && current.started === holder.started) rmSync(path, { force: true });
}

/** When a process started, in the kernel's ticks where it tells; "running" where it does not; null if gone. */
function startOf(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, "utf8");
    // The second field is the name in brackets and may hold spaces; start time is the 20th after it.
    return stat.slice(stat.lastIndexOf(")") + 2).split(" ")[19] ?? null;
  } catch {
    try {
      process.kill(pid, 0);
      return "running";
    } catch (error) {
      return (error as NodeJS.ErrnoException).code === "EPERM" ? "running" : null;
    }
  }
}
