import type { SpecReference } from "./defineFinish";

/** The reference of a paint that a spec may leave out. */
export const optionalPaint = (key: string, paint: string | undefined): SpecReference[] =>
  paint === undefined ? [] : [{ path: [key], id: paint }];
