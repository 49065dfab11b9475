import { closeSync, openSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { takeDataLock } from "@/store/files/dataLock";

/**
 * One of several processes that take and leave the same folder as fast as they can; half of the time it leaves a claim
 * as of a process that is gone, for the others to take over. Prints how often it held the folder, and how often another
 * held it at the same time.
 */
const [folder, rounds] = [process.argv[2]!, Number(process.argv[3])];
const inside = join(folder, "inside");
let held = 0;
let clashes = 0;
for (let round = 0; round < rounds; round++) {
  try {
    const lock = takeDataLock(folder, `round ${round}`);
    held++;
    try {
      closeSync(openSync(inside, "wx"));
      if (Math.random() < 0.3) Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 1);
      rmSync(inside);
    } catch {
      clashes++;
    }
    if (Math.random() < 0.5) lock.release();
    else leaveAsGone();
  } catch {
    // In use, or others are starting: that is what it is for.
  }
}
console.log(JSON.stringify({ held, clashes }));
process.exit(0);

function leaveAsGone(): void {
  const own = readdirSync(folder).find((name) => {
    if (!/^jacaranda\.lock(\.\d+)?$/.test(name)) return false;
    const { pid } = JSON.parse(readFileSync(join(folder, name), "utf8") || "{}") as { pid?: number };
    return pid === process.pid;
  });
  if (own === undefined) throw new Error("The claim is gone.");
  const path = join(folder, own);
  writeFileSync(path, JSON.stringify({ ...JSON.parse(readFileSync(path, "utf8")), started: "0" }));
}
