import type { Paint } from "../paint/schema";
import type { Pass } from "../rounds/listPasses";
import type { Wall } from "../wall/schema";
import type { TapeBundle } from "./bundleTape";
import type { Work } from "./schema";

/** What is to be painted on a wall. */
export interface WorkRegion {
  readonly id: string;
  readonly colour: string;
  /** 0 is left in base. */
  readonly group: number;
  readonly areaM2: number;
  /** All around it, mm. */
  readonly edgeMm: number;
}

export interface WorkWall {
  readonly wall: Wall;
  readonly surfaceM2: number;
  /** Around the surface and its openings, mm. */
  readonly edgeMm: number;
  readonly regions: readonly WorkRegion[];
  readonly tape: readonly TapeBundle[];
  /** How many marks are read off, proofs included. */
  readonly marks: number;
  /** Whether tape comes off while the last coat is wet. */
  readonly peel: "wet" | "dry";
}

/** All that the order of work depends on. */
export interface WorkSite {
  readonly work: Work;
  readonly paints: readonly Paint[];
  readonly passes: readonly Pass[];
  /** Whether a film of sealer is wiped on, painted over and peeled while it is wet, stretch by stretch. */
  readonly sealsWet: boolean;
  readonly walls: readonly WorkWall[];
}

/** Whether a paint takes part in a pass: in passes of one coat, only while it has coats left. */
export const isInPass = (paint: Paint, { coat }: Pass): boolean => coat === undefined || coat <= paint.coats;
