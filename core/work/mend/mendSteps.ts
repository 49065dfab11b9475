import { did, type Did } from "../act";
import { mendStep } from "../keys";
import { waitFor, type StepDraft, type Wait, type WaitKind } from "../step";
import { floorCovered } from "../room/protectRoom";
import { said } from "../words";
import type { WorkInput, WorkWall } from "../workInput";
import { mishaps, type MendStep, type MishapKind } from "./mishaps";

/** Something that went wrong on a wall and is to be put right. */
export interface Mend {
  /** What it was told by: it lasts. */
  readonly id: string;
  readonly wall: string;
  readonly kind: MishapKind;
  /** The paint that went astray, and the one that it lies on or beside. */
  readonly paint: string;
  readonly under: string;
}

/** What each step of a remedy does. */
export const workOfMend = ({ id, wall, kind, paint }: Mend): (Did & { readonly wall: string })[] =>
  mishaps[kind].mend.map((_, place) => ({
    ...did("touch-up", "edge", [mendStep(wall, id, place + 1)], { with: paint }),
    wall,
  }));

const waits: Readonly<Record<NonNullable<MendStep["then"]>["wait"], WaitKind>> = {
  touchDryMin: "touch-dry",
  recoatMin: "recoat",
  tapeOverMin: "tape-over",
};

/** The remedies of what went wrong, each step after what the one before it asks for; also what only dries takes a look. */
export function mendSteps(
  mends: readonly Mend[],
  walls: readonly WorkWall[],
  { paints }: Pick<WorkInput, "paints">,
): StepDraft[] {
  const own = mends.filter(({ wall }) => walls.some((on) => on.wall.id === wall));
  return own.flatMap((told) => {
    const { id, wall, kind, paint, under } = told;
    const does = workOfMend(told);
    const of = { paint: paints.get(paint)!, under: paints.get(under)! };
    const { mend } = mishaps[kind];
    return mend.map((step, place): StepDraft => {
      const number = place + 1;
      const before = mend[place - 1]?.then;
      const previous = place > 0 ? mendStep(wall, id, place) : null;
      const wait: Wait | null = before
        ? waitFor(previous, waits[before.wait], of[before.of][before.wait])
        : waitFor(previous);
      return {
        id: mendStep(wall, id, number),
        phase: "finish",
        verb: "mend",
        wall,
        does: [does[place]!],
        minutes: Math.max(1, step.minutes),
        after: [wait, floorCovered],
        say: said("mend", { wall, kind, number, paint, under }),
        cautions: [],
        evening: [],
      };
    });
  });
}
