import { readLocal, writeLocal } from "./localKept";

const name = "jacaranda paces";

/** The paces that this painter has taken as his own, by their names: new jobs begin with them. */
export function keptPaces(): Readonly<Record<string, number>> {
  try {
    const kept: unknown = JSON.parse(readLocal(name) ?? "{}");
    if (kept === null || typeof kept !== "object") return {};
    return Object.fromEntries(
      Object.entries(kept).filter((one): one is [string, number] => Number.isFinite(one[1])),
    );
  } catch {
    // Another program wrote over it.
    return {};
  }
}

/** Keeps one for new jobs; null lets it go again. */
export function keepPace(key: string, pace: number | null): void {
  const { [key]: _, ...others } = keptPaces();
  writeLocal(name, JSON.stringify(pace === null ? others : { ...others, [key]: pace }));
}
