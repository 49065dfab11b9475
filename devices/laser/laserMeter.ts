/** What a laser measure is pointed at, from a place on the wall's level line. Lengths in mm. */
export type Aim =
  | { readonly toward: "floor" | "ceiling"; readonly x: number }
  | { readonly toward: "far end" }
  /** From a plumb line across to the wall's own end, at a height over the level line. */
  | { readonly toward: "left end" | "right end"; readonly y: number }
  /** Anything else: an opening's side, a plate. `about` is the length as far as it is known. */
  | { readonly toward: "thing"; readonly about: number | null };

export type Shot =
  { readonly kind: "reading"; readonly mm: number } | { readonly kind: "miss"; readonly reason: string };

/** A laser measure. The program ships a simulated one; a real one answers the same calls. */
export interface LaserMeter {
  readonly name: string;
  /** Resolves once the device answers; rejects with a reason that can be shown. */
  pair(signal: AbortSignal): Promise<void>;
  /** One timed reading. A miss is an answer, not an error; an aborted shot rejects. */
  shoot(aim: Aim, signal: AbortSignal): Promise<Shot>;
}

/** Mean and spread of repeated readings, mm. Null for none. */
export function summariseShots(readings: readonly number[]): { mean: number; spread: number } | null {
  if (readings.length === 0) return null;
  const mean = readings.reduce((sum, mm) => sum + mm, 0) / readings.length;
  return { mean, spread: Math.max(...readings) - Math.min(...readings) };
}
