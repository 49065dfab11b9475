import { readdirSync, readFileSync, readlinkSync } from "node:fs";

/** Who listens on a TCP port here, for the sentence that says so; null where the system does not tell. */
export function findPortHolder(port: number): string | null {
  try {
    const sockets = new Set(
      ["/proc/net/tcp", "/proc/net/tcp6"].flatMap((table) => listeningSockets(table, port)),
    );
    for (const pid of readdirSync("/proc").filter((name) => /^\d+$/.test(name))) {
      if (hasSocket(pid, sockets)) {
        const command = readFileSync(`/proc/${pid}/comm`, "utf8").trim();
        return `process ${pid} (${command})`;
      }
    }
  } catch {
    // No /proc on this system; the sentence does without.
  }
  return null;
}

const listening = "0A";

function listeningSockets(table: string, port: number): string[] {
  const rows = readFileSync(table, "utf8").trim().split("\n").slice(1);
  return rows.flatMap((row) => {
    const fields = row.trim().split(/\s+/);
    const isHere = parseInt(fields[1]!.split(":")[1]!, 16) === port && fields[3] === listening;
    return isHere ? [`socket:[${fields[9]}]`] : [];
  });
}

function hasSocket(pid: string, sockets: ReadonlySet<string>): boolean {
  try {
    return readdirSync(`/proc/${pid}/fd`).some((file) => {
      try {
        return sockets.has(readlinkSync(`/proc/${pid}/fd/${file}`));
      } catch {
        return false;
      }
    });
  } catch {
    // Another person's process, or one that ended in between.
    return false;
  }
}
