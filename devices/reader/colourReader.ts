/** One spot of a surface as a reader of colours tells it: CIE L*a*b*, white D65. */
export interface SpotReading {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** A reader of colours that is held to a surface. The program ships a simulated one; a real one answers the same call. */
export interface ColourReader {
  readonly name: string;
  /** One spot; rejects with a reason that can be shown, or when it is stopped. */
  read(signal: AbortSignal): Promise<SpotReading>;
}
