interface Reading {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** One spot of a surface as a reader of colours tells it: CIE L*a*b* by daylight, and under a lamp against the lamp's white. */
export interface SpotReading extends Reading {
  readonly lamp: Reading;
}

/** A reader of colours that is held to a surface. The program ships a simulated one; a real one answers the same call. */
export interface ColourReader {
  readonly name: string;
  /** One spot; rejects with a reason that can be shown, or when it is stopped. */
  read(signal: AbortSignal): Promise<SpotReading>;
}
