import { readFileSync, readlinkSync } from "node:fs";
import { hostname } from "node:os";

/** What tells one running process from every other, also over restarts, containers and machines. */
export interface Identity {
  readonly pid: number;
  /** The number under which this system's /proc shows it; another than `pid` where /proc is an outer container's. */
  readonly seenAs: number;
  /** Tells it from a later process with the same number; "" where the system does not tell. */
  readonly started: string;
  readonly host: string;
  readonly boot: string;
  /** The process namespace: numbers mean something within one only. */
  readonly space: string;
}

/** Who this process is. */
export function identify(): Identity {
  const seenAs = Number(readOr("", () => readlinkSync("/proc/self"))) || process.pid;
  return {
    pid: process.pid,
    seenAs,
    started: startOf(seenAs) ?? "",
    host: hostname(),
    boot: readOr("", () => readFileSync("/proc/sys/kernel/random/boot_id", "utf8").trim()),
    space: readOr("", () => readlinkSync("/proc/self/ns/pid")),
  };
}

/** Whether a process still runs, as far as can be told from here by asking the system; "unknown" from elsewhere. */
export function stateOf(other: Identity, me: Identity): "running" | "gone" | "unknown" {
  if (other.host !== me.host) return "unknown";
  if (other.boot !== me.boot) return other.boot && me.boot ? "gone" : "unknown";
  if (other.space !== me.space || !other.started) return "unknown";
  return startOf(other.seenAs) === other.started ? "running" : "gone";
}

/** Ended, though its parent has not taken notice: it holds nothing any more. */
const endedStates = ["Z", "X", "x"];

/** When a process started, in the kernel's ticks; null where it is gone, has ended, or the system does not tell. */
function startOf(pid: number): string | null {
  const stat = readOr("", () => readFileSync(`/proc/${pid}/stat`, "utf8"));
  // The second field is the name in brackets and may hold spaces; state follows it, start time is the 20th from there.
  const fields = stat.slice(stat.lastIndexOf(")") + 2).split(" ");
  return endedStates.includes(fields[0]!) ? null : (fields[19] ?? null);
}

/** What is read, or something else where this system has no such thing. */
function readOr(otherwise: string, read: () => string): string {
  try {
    return read();
  } catch {
    return otherwise;
  }
}
