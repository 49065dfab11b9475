import type { Finding } from "../findings/finding";
import { adviseLevelLine } from "../setout/adviseLevelLine";
import { OverLimit, planLimits } from "../trade/allowance";
import type { Wall } from "../wall/schema";
import { buildSurface } from "../wall/surface";
import { bareWall, onlyFindings } from "./layOutWalls";
import type { OrderedWall } from "./orderedWall";
import type { Job } from "./schema";

/**
 * The walls of a job that is not worked out; all carry the same stop. Where it is for there being too much, they are
 * there as they were measured.
 */
export const stopWalls = (job: Job, stop: Finding): OrderedWall[] =>
  job.walls.map((wall) => ({
    ...bareWall,
    wall,
    ...measured(job, wall, stop),
    ...onlyFindings([stop]),
    groups: [],
    rounds: { count: 0, lowerBound: 0 },
    tape: [],
    tapeAgain: () => [],
    baseMasks: [],
    bases: { goesOn: new Set(), after: [], maskedFrom: [] },
  }));

function measured(
  { tapeDivision }: Job,
  wall: Wall,
  { code }: Finding,
): Pick<OrderedWall, "surface" | "surfaceM2" | "level"> {
  const none = { surface: null, surfaceM2: 0, level: null };
  if (code !== "too-much") return none;
  try {
    const { surface } = buildSurface(wall);
    const level = surface && adviseLevelLine(surface, tapeDivision);
    return surface ? { surface, surfaceM2: surface.area / 1e6, level } : none;
  } catch (error) {
    // The wall itself is of more pieces than a plan may hold.
    if (error instanceof OverLimit) return none;
    throw error;
  }
}

/** The stop for a job whose plan failed: a fault of the program, told as one. */
export const cannotBePlanned = (error: unknown): Finding => ({
  code: "cannot-be-planned",
  severity: "stop",
  values: { why: (error instanceof Error ? error.message : String(error)).split("\n")[0]! },
  at: null,
});

/** The stop for a job that comes to more than a plan may hold. */
export const tooMuch = ({ what }: OverLimit): Finding => ({
  code: "too-much",
  severity: "stop",
  values: { what, most: planLimits[what] },
  at: null,
});
