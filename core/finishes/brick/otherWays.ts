import type { OtherWay } from "../defineFinish";
import type { BrickSpec } from "./spec";

/** A roll of self-adhesive paper as it is mostly sold, mm. */
const usualRoll = { width: 530, length: 10_050 } as const;

/** The same faces stamped, taped, or as paper printed with them, whose pattern comes again every eighth course. */
export function otherWaysOfBrick(spec: BrickSpec): OtherWay[] {
  const { id, on, face, joint } = spec;
  const repeat = 8 * (face.height + joint);
  const painted = (["stamped", "taped"] as const).map((way) => ({
    name: way,
    finish: { ...spec, way, ...(way === "stamped" && { smear: undefined }) },
  }));
  const inTurn = spec.way === "stamped" ? painted : [...painted].reverse();
  return [
    ...inTurn,
    { name: "as paper", finish: { kind: "paper", id, on, roll: usualRoll, match: "straight", repeat } },
  ];
}
