import { spawnSync } from "node:child_process";
import type { Outcome } from "./support";

/** Every property of the tests with so many times its full count of random runs. */
export async function tryProperties(times: number, seed: number): Promise<Outcome> {
  const { status } = spawnSync("npx", ["vitest", "run", "--testTimeout=36000000"], {
    env: { ...process.env, PROPERTY_SHARE: String(times), PROPERTY_SEED: String(seed) },
    stdio: ["ignore", 2, 2],
  });
  return {
    trial: "properties",
    counts: { times },
    faults: status === 0 ? [] : ["tests fail, as told above"],
  };
}
