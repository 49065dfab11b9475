import { towerAboveMm } from "../../trade/constants";
import { boxOfWall } from "../../wall/boxOfWall";
import { did } from "../act";
import { heightOf } from "../cautions";
import { wallStep } from "../keys";
import { waitFor, type StepDraft } from "../step";
import type { WorkWall } from "../workInput";
import { said } from "../words";
import { floorCovered } from "./protectRoom";

/** A small tower: to put it up and to take it down, to roll it on and climb up again, minutes; and how far one reaches along it, mm. */
const towerMin = { up: 30, down: 20, move: 4 } as const;
const towerReachMm = 2000;

/** What a wall is reached from, how often that is moved in all, and what that takes with putting it up and down. */
export interface Access {
  readonly wall: string;
  readonly item: "tool-tower";
  readonly moves: number;
  readonly minutes: number;
}

function widthOf(wall: WorkWall["wall"]): number {
  const { minX, maxX } = boxOfWall(wall);
  return maxX - minX;
}

const movesAlong = (wall: WorkWall["wall"]): number => Math.max(1, Math.ceil(widthOf(wall) / towerReachMm));

/** What a coat takes longer where a tower is rolled along and climbed anew while its edge is wet, minutes. */
export const climbingMin = ({ wall, workTopMm }: Pick<WorkWall, "wall" | "workTopMm">): number =>
  workTopMm > towerAboveMm ? movesAlong(wall) * towerMin.move : 0;

const highest = ({ does }: StepDraft): number => Math.max(0, ...does.map(({ heightMm = 0 }) => heightMm));

/**
 * Where hands go higher than steps serve, a tower is put up before the first such step of a wall, is moved along it in each
 * of them, climbing counted, and is taken down after the last.
 */
export function standOn(
  given: readonly StepDraft[],
  walls: readonly WorkWall[],
): { readonly steps: StepDraft[]; readonly access: readonly Access[] } {
  let steps = [...given];
  const access: Access[] = [];
  for (const { wall } of walls) {
    const isHigh = (step: StepDraft) => step.wall === wall.id && highest(step) > towerAboveMm;
    const high = steps.filter(isHigh);
    if (high.length === 0) continue;
    const moves = movesAlong(wall);
    const shared = { wall: wall.id, sharedByTwo: true, evening: [] } as const;
    const values = { wall: wall.id, height: heightOf(wall), moves };
    const up: StepDraft = {
      ...shared,
      id: wallStep(wall.id, "access"),
      phase: "protect",
      verb: "access",
      does: [did("access", "wall", [wall.id], { tools: ["tool-tower"] })],
      minutes: towerMin.up,
      after: [floorCovered],
      say: said("access", values),
      cautions: [said("care-tower", {})],
    };
    const down: StepDraft = {
      ...shared,
      id: wallStep(wall.id, "access-down"),
      phase: "clean",
      verb: "access-down",
      does: [did("access", "wall", [wall.id], { pass: 2 })],
      minutes: towerMin.down,
      after: high.map(({ id }) => waitFor(id)),
      say: said("access-down", { wall: wall.id }),
      cautions: [],
    };
    const [first, last] = [steps.findIndex(isHigh), steps.findLastIndex(isHigh)];
    const moved = steps.map((step) => (isHigh(step) ? longer(step, moves * towerMin.move, up.id) : step));
    steps = [...moved.slice(0, first), up, ...moved.slice(first, last + 1), down, ...moved.slice(last + 1)];
    const all = moves * high.length;
    const minutes = towerMin.up + towerMin.down + all * towerMin.move;
    access.push({ wall: wall.id, item: "tool-tower", moves: all, minutes });
  }
  return { steps, access };
}

/** A step with so many minutes more, spread over its stretches, that waits for what it is done from; a coat in stretches has them already. */
function longer(step: StepDraft, climbing: number, from: string): StepDraft {
  const more = step.stretches && step.coat !== undefined ? 0 : climbing;
  const share = (step.minutes + more) / Math.max(1e-9, step.minutes);
  return {
    ...step,
    minutes: step.minutes + more,
    ...(step.stretches && {
      stretches: step.stretches.map((stretch) => ({ ...stretch, minutes: stretch.minutes * share })),
    }),
    after: [...step.after, waitFor(from)],
  };
}
