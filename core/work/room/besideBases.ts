import type { Paint } from "../../paint/schema";
import type { BaseBeside, WorkWall } from "../workInput";
import { groundReady } from "./groundReady";
import { wallStep, wholeStep } from "../keys";
import { waitIfAny, type Wait, type WaitKind } from "../step";

/** All marks of a wall, and the look at its chips. */
const setOut = (wall: string): Wait[] => [
  waitIfAny(wallStep(wall, "mark")),
  waitIfAny(wallStep(wall, "chips")),
];

type Paints = ReadonlyMap<string, Paint>;

/** A base around a corner is all on and its masks off, and for so many minutes dry. */
const baseDone = (
  { wall, paint }: BaseBeside,
  paints: Paints,
  what: WaitKind = "after",
  minutes = 0,
): (Wait | null)[] => [
  waitIfAny(wholeStep(wall, "base", paints.get(paint)!.coats), what, minutes),
  waitIfAny(wallStep(wall, "peel-base")),
];

/** Nothing but its own base goes onto a wall while masks of a base around its corner lie there. */
export const unmaskedAround = ({ maskedFrom }: WorkWall, paints: Paints): (Wait | null)[] =>
  maskedFrom.flatMap((beside) => baseDone(beside, paints));

/** What everything put on a wall waits for: its ground is ready, and no mask from around a corner lies on it. */
export const groundClear = (on: WorkWall, paints: Paints): (Wait | null)[] => [
  ...groundReady(on.wall),
  ...unmaskedAround(on, paints),
];

/** And what is put on it by lines: it is set out, too. */
export const wallReady = (on: WorkWall, paints: Paints): (Wait | null)[] => [
  ...setOut(on.wall.id),
  ...groundClear(on, paints),
];

/** Masks of a base lie on what is painted around its corners before: that takes tape. */
export const tapedAround = ({ base }: WorkWall, paints: Paints): (Wait | null)[] =>
  base.after.flatMap((beside) =>
    beside.isFloated ? [] : baseDone(beside, paints, "tape-over", paints.get(beside.paint)!.tapeOverMin),
  );

/** What is floated up to is as dry as for another coat. */
export const floatedAround = ({ base }: WorkWall, paints: Paints): (Wait | null)[] =>
  base.after.flatMap((beside) =>
    beside.isFloated ? baseDone(beside, paints, "recoat", paints.get(beside.paint)!.recoatMin) : [],
  );

/** Walls in their order, but each after those whose bases go on before its own. */
export function inTurnOfBases(walls: readonly WorkWall[]): WorkWall[] {
  const inTurn = new Set<WorkWall>();
  const take = (on: WorkWall): void => {
    for (const { wall: before } of on.base.after) {
      const other = walls.find(({ wall }) => wall.id === before);
      if (other && !inTurn.has(other)) take(other);
    }
    inTurn.add(on);
  };
  walls.forEach(take);
  return [...inTurn];
}
