import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, openSync, closeSync, rmSync, statfsSync, writeSync } from "node:fs";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { drizzle } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import {
  Ledger,
  listLost,
  randomOf,
  removeFolder,
  runScript,
  temporaryFolder,
  type Outcome,
} from "./support";

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
/** No answer may take longer than this, and no end longer than that, in ms. */
const mostAnswerMs = 10_000;
const mostEndMs = 5000;

/** Whether a disk of so many MB can be made here for trying. */
export function mountDisk(folder: string, megabytes: number): boolean {
  mkdirSync(folder, { recursive: true });
  return spawnSync("mount", ["-t", "tmpfs", "-o", `size=${megabytes}m`, "tmpfs", folder]).status === 0;
}
export const unmountDisk = (folder: string) => spawnSync("umount", ["-l", folder]);

/**
 * Fills the disk under a store that saves, to all but so many bytes at random, and frees it again: every answer comes in
 * time, as saved or refused in words; jobs can be read meanwhile; with room again it saves; it ends when asked; and what was
 * acknowledged is there afterwards. Every other disk holds a database with a log in large segments, as older ones have it.
 */
export async function tryFull(disks: number, seed: number): Promise<Outcome> {
  const random = randomOf(seed);
  const faults: string[] = [];
  const counts = { disks, acknowledged: 0, refused: 0, reads: 0, unread: 0, slowestMs: 0, slowestEndMs: 0 };
  for (let disk = 0; disk < disks; disk++) {
    const home = temporaryFolder();
    const isOld = disk % 2 === 1;
    if (!mountDisk(home, isOld ? 112 : 48))
      throw new Error("No disk can be mounted here; the trial needs root.");
    try {
      const told = await fillOne(join(home, "data"), join(home, "ballast"), isOld, random);
      faults.push(...told.faults.map((fault) => `disk ${disk}${isOld ? ", old" : ""}: ${fault}`));
      for (const name of ["acknowledged", "refused", "reads", "unread"] as const) counts[name] += told[name];
      counts.slowestMs = Math.max(counts.slowestMs, told.slowestMs);
      counts.slowestEndMs = Math.max(counts.slowestEndMs, told.endMs);
    } finally {
      unmountDisk(home);
      removeFolder(home);
    }
  }
  return { trial: "full", counts, faults };
}

async function fillOne(folder: string, ballast: string, isOld: boolean, random: () => number) {
  if (isOld) {
    mkdirSync(folder);
    const client = await PGlite.create(join(folder, "database"));
    await migrate(drizzle(client), { migrationsFolder: join("store", "migrations") });
    await client.close();
  }
  const ledger = new Ledger();
  const faults: string[] = [];
  const told = { acknowledged: 0, refused: 0, reads: 0, unread: 0, slowestMs: 0, endMs: 0, faults };
  let savedSince = 0;
  let end: () => void = () => undefined;
  let isOpen = false;
  let isOver = false;
  const running = runScript("filler.ts", [folder], (line, _kill, terminate) => {
    end = terminate;
    ledger.hear(line);
    const [what, ms] = line.split(" ");
    if (what === "looked") isOpen = true;
    if (what === "saved") savedSince++;
    if (what === "refused") told.refused++;
    if (what === "read") told.reads++;
    if (what === "unread") told.unread++;
    if (what === "closed") told.endMs = Number(ms);
    if (["refused", "read", "unread"].includes(what!)) told.slowestMs = Math.max(told.slowestMs, Number(ms));
  });
  void running.then(() => (isOver = true));
  while (!isOpen && !isOver) await pause(50);
  for (let time = 0; time < 4 && !isOver; time++) {
    await pause(200 + random() * 600);
    fill(ballast, Math.floor(random() * random() * 3e6));
    await pause(2500);
    if (time === 3) break;
    rmSync(ballast, { force: true });
    savedSince = 0;
    for (let waited = 0; savedSince === 0 && waited < mostAnswerMs; waited += 50) await pause(50);
    if (savedSince === 0) faults.push("with room again nothing is saved");
  }
  // It ends also while there is no room.
  const asked = performance.now();
  end();
  const { code, errors } = await running;
  if (performance.now() - asked > mostEndMs + mostAnswerMs || told.endMs > mostEndMs)
    faults.push(`takes ${Math.round(performance.now() - asked)} ms to end`);
  if (code !== 0) faults.push(`ends with ${code}: ${errors.trim().split("\n").slice(0, 4).join(" | ")}`);
  if (told.slowestMs > mostAnswerMs) faults.push(`an answer takes ${told.slowestMs} ms`);
  if (told.refused === 0) faults.push("the disk was never full");
  rmSync(ballast, { force: true });
  const lines: string[] = [];
  await runScript("filler.ts", [folder, "look"], (line) => lines.push(line));
  faults.push(...listLost(ledger.snapshot(), lines));
  told.acknowledged = ledger.acknowledged;
  return told;
}

/** Takes all of a disk but so many bytes. */
function fill(ballast: string, left: number): void {
  const { bavail, bsize } = statfsSync(join(ballast, ".."));
  const file = openSync(ballast, existsSync(ballast) ? "a" : "w");
  try {
    for (let more = bavail * bsize - left; more > 0; more -= 1e6)
      writeSync(file, Buffer.alloc(Math.min(more, 1e6), 1));
  } catch {
    // Somebody else took the rest: then it is as full as can be.
  } finally {
    closeSync(file);
  }
}
