import { join } from "node:path";
import {
  Ledger,
  listLost,
  randomOf,
  removeFolder,
  runScript,
  temporaryFolder,
  type Outcome,
} from "./support";

const mostBursts = 60;

/** Kills a process that saves, again and again on the same folder, and looks for what it had acknowledged. */
export async function tryKills(kills: number, seed: number): Promise<Outcome> {
  const random = randomOf(seed);
  const home = temporaryFolder();
  const folder = join(home, "data");
  const ledger = new Ledger();
  const faults: string[] = [];
  for (let kill = 0; kill <= kills; kill++) {
    const lines: string[] = [];
    const isLast = kill === kills;
    const killAfter = Math.floor(random() * mostBursts * 3);
    const delay = random() * 3;
    // One in eight at any moment of its start, the others while it saves.
    const startDelay = kill % 8 === 3 ? random() * 2500 : Infinity;
    let saves = 0;
    const before = ledger.snapshot();
    const { code, errors } = await runScript(
      "saver.ts",
      [folder, isLast ? 1 : mostBursts],
      (line, end) => {
        lines.push(line);
        ledger.hear(line);
        if (isLast) return;
        if (line.startsWith("saved") && saves++ === killAfter) setTimeout(end, delay);
      },
      isLast ? Infinity : startDelay,
    );
    if (code !== null && code !== 0) faults.push(`kill ${kill}: ${errors.trim().split("\n")[0]}`);
    if (lines.includes("looked"))
      faults.push(...listLost(before, lines).map((fault) => `kill ${kill}: ${fault}`));
  }
  removeFolder(home);
  return { trial: "kill", counts: { kills, acknowledged: ledger.acknowledged, lost: faults.length }, faults };
}
