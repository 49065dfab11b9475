/** In air that was told of: when so many minutes of the label are over that begin at a time. */
export type OverAt = (from: number, labelMinutes: number) => number;

/** A step that is done or has been begun: it stands where it stood, and its rest follows. */
export interface Pin {
  readonly start: number;
  readonly end: number;
  readonly times: readonly (readonly [from: number, to: number])[] | null;
  readonly hand: number | null;
  /** Nothing waits for what was left out. */
  readonly isLeftOut: boolean;
}

/** What stands already, by index, and from when on the rest may begin. */
export interface Standing {
  readonly now: number;
  readonly pins: readonly (Pin | null)[];
  /** When someone is not there, by hand, the earliest first. */
  readonly away: readonly (readonly Away[])[];
}

/** From when to when someone is not there. */
export type Away = readonly [from: number, to: number];
