import { readFileSync } from "node:fs";
import { join } from "node:path";
import { deserialize } from "node:v8";
import type { FileOperation } from "./journal";
import { losePower } from "./losePower";
import {
  Ledger,
  listLost,
  randomOf,
  removeFolder,
  runScript,
  temporaryFolder,
  type Outcome,
} from "./support";

const bursts = 40;

/** Cuts the power at random moments of a run, from the very first start on, and opens what that leaves. */
export async function tryPower(cuts: number, seed: number): Promise<Outcome> {
  const random = randomOf(seed);
  const faults: string[] = [];
  const home = temporaryFolder();
  const journal = join(home, "journal");
  const recorded = await runScript("saver.ts", [join(home, "data"), bursts, journal], () => undefined);
  const operations = deserialize(readFileSync(journal)) as FileOperation[];
  const opened = operations.findIndex((one) => one.op === "told");
  let acknowledged = 0;
  for (let cut = 0; cut < cuts; cut++) {
    // One in five while it starts for the first time.
    const from = cut % 5 === 4 ? 0 : opened;
    const to = cut % 5 === 4 ? opened : operations.length;
    const at = from + Math.floor(random() * (to - from + 1));
    const ledger = new Ledger();
    for (const one of operations.slice(0, at)) if (one.op === "told") ledger.hear(one.what);
    acknowledged += ledger.acknowledged;
    const folder = join(home, `cut-${cut}`);
    losePower(
      [{ op: "mkdir", path: "." }, { op: "syncFolder", path: "." }, ...operations],
      at + 2,
      folder,
      random,
    );
    const lines: string[] = [];
    const { code, errors } = await runScript("saver.ts", [folder, 1], (line) => lines.push(line));
    if (code !== 0)
      faults.push(`cut ${at}: does not open (${errors.trim().split("\n").slice(0, 6).join(" | ")})`);
    faults.push(...listLost(ledger.snapshot(), lines).map((fault) => `cut ${at}: ${fault}`));
    removeFolder(folder);
  }
  removeFolder(home);
  const counts = { cuts, operations: operations.length, acknowledged, lost: faults.length };
  return { trial: "power", counts, faults: recorded.code === null ? faults : [...faults, recorded.errors] };
}
