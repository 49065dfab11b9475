import { tryFull } from "./full";
import { tryFromNow } from "./fromNow";
import { tryDocuments } from "./fuzz";
import { tryKills } from "./kill";
import { tryLock } from "./lock";
import { tryMutants } from "./mutants";
import { tryPainted } from "./painted";
import { hashPlans } from "./plans";
import { tryPower } from "./power";
import { tryProperties } from "./properties";
import { tryRehearsals } from "./rehearse";
import type { Outcome } from "./support";

/**
 * `npm run trials -- NAME COUNT [SEED]`: long trials of what must never happen. Prints counts; exit 1 with faults. `plans`
 * prints what two versions of the program are compared by.
 */
const trials: Record<string, (count: number, seed: number) => Promise<Outcome>> = {
  kill: tryKills,
  fuzz: tryDocuments,
  power: tryPower,
  lock: tryLock,
  full: tryFull,
  rehearse: tryRehearsals,
  properties: tryProperties,
  mutants: tryMutants,
  fromNow: tryFromNow,
  painted: tryPainted,
};

const mostTold = 200;

const [name = "", count = "20", seed = "1"] = process.argv.slice(2);
const trial = trials[name];
if (name === "plans") {
  for (const line of hashPlans(Number(count), Number(seed))) console.log(line);
} else if (!trial || !(Number(count) > 0)) {
  console.error(`usage: npm run trials -- ${[...Object.keys(trials), "plans"].join("|")} COUNT [SEED]`);
  process.exitCode = 2;
} else {
  const { faults, ...outcome } = await trial(Number(count), Number(seed));
  console.log(JSON.stringify({ ...outcome, faults: faults.slice(0, mostTold) }, null, 2));
  process.exitCode = faults.length > 0 ? 1 : 0;
}
