import type { Groups } from "../rounds/groupRegions";
import type { EdgePiece } from "../tape/tapePiece";
import type { BaseCorners } from "./baseCorners";
import type { LaidOutWall } from "./layOutWalls";
import type { Job } from "./schema";

/** A laid-out wall with the order of its painting. */
export interface OrderedWall extends LaidOutWall {
  /** The group of each region: 0 is left in base. */
  readonly groups: Groups;
  /** How many groups the walls that hang together take, and the count that no order can do with less than. */
  readonly rounds: { readonly count: number; readonly lowerBound: number };
  readonly tape: readonly EdgePiece[];
  /** The tape for further coats beside what was painted later and is dry. */
  readonly tapeAgain: () => readonly EdgePiece[];
  /** The masks around it while its base goes on; none where that is on already. */
  readonly baseMasks: readonly EdgePiece[];
  /** How its base and those around its corners are painted beside each other. */
  readonly bases: BaseCorners;
}

/** A job with the exact geometry of all its walls, in the job's order. */
export interface LaidOutJob {
  readonly job: Job;
  readonly walls: readonly OrderedWall[];
}
