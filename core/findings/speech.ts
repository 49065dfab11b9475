/** What a sentence is made of: amounts in mm, m2, m, ml, minutes or pieces, and ids. */
export type Values = object;

/** Something to be said, as data. */
export interface Said {
  readonly code: string;
  readonly values: Values;
}

/** How numbers and names are spoken in the job's own units. */
export interface Speech {
  length(mm: number): string;
  /** An error or a tolerance: fine, and never rounded down to nothing. */
  error(mm: number): string;
  area(m2: number): string;
  volume(ml: number): string;
  /** A run of tape or of an edge. */
  run(m: number): string;
  temperature(celsius: number): string;
  /** By how many degrees. */
  degrees(celsius: number): string;
  money(amount: number): string;
  /** A paint, or what stays in the room. */
  paint(id: string): string;
  /** A set of colours. */
  set(id: string): string;
  wall(id: string): string;
  /** A finish, by what it is and where it lies. */
  finish(id: string): string;
  /** Minutes of work, as hours where there are many. */
  duration(minutes: number): string;
  say(said: Said): string;
}
