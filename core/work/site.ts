import type { Paint } from "../paint/schema";
import type { Round } from "../rounds/listPasses";
import type { EdgePiece } from "../tape/planTape";
import type { Wall } from "../wall/schema";
import type { Work } from "./schema";
import type { TapeBundle } from "./taped/bundleTape";

/** What is to be painted on a wall. */
export interface WorkRegion {
  readonly id: string;
  readonly colour: string;
  /** 0 is left in base. */
  readonly group: number;
  readonly areaM2: number;
  /** All around it, mm. */
  readonly edgeMm: number;
  /** How its paint is put on. */
  readonly technique: string;
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
  /** Whether anything is done on it. */
  readonly isWorkedOn: boolean;
}

/** All that the order of work depends on, in one school of rounds. */
export interface WorkSite {
  readonly work: Work;
  readonly paints: ReadonlyMap<string, Paint>;
  readonly rounds: readonly Round[];
  /** The tape that is laid on each wall, by its id, in each round. */
  readonly laid: ReadonlyMap<string, readonly (readonly EdgePiece[])[]>;
  /** Whether a film of sealer is wiped on, painted over and peeled while it is wet, stretch by stretch. */
  readonly sealsWet: boolean;
  /** Those that could be laid out. */
  readonly walls: readonly WorkWall[];
}
