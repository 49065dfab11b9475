import { readLocal, writeLocal } from "@/ui/job/localKept";

const deviceKey = "jacaranda device";

/** This browser, by a name of its own. */
export function deviceName(): string {
  const before = readLocal(deviceKey);
  if (before !== null) return before;
  const name = `device-${crypto.getRandomValues(new Uint32Array(1))[0]!.toString(36)}`;
  writeLocal(deviceKey, name);
  return name;
}
