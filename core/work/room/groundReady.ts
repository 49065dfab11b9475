import { washedDryMin } from "../../trade/constants";
import type { Wall } from "../../wall/schema";
import { conditionStep, wallStep } from "../keys";
import { waitFor, waitIfAny, type Wait } from "../step";
import { isSanded } from "./mending";

/** What a wall's ground waits for before anything is put on it: washed and dry or dusted (an object laid flat and keyed), mended, sanded and spot-primed. */
export function groundReady({ id, conditions }: Wall): (Wait | null)[] {
  return [
    ...cleaned(id),
    waitIfAny(wallStep(id, "tape-trial")),
    ...conditions.flatMap((condition, index) => [
      waitFor(conditionStep(id, "prepare", index)),
      isSanded(condition) ? waitFor(conditionStep(id, "sand", index), "drying", washedDryMin) : null,
    ]),
  ];
}

/** It is either washed, and dries, or is of bare wood and dusted, or lies on a table. */
export const cleaned = (wall: string): Wait[] => [
  waitIfAny(wallStep(wall, "wash-wall"), "drying", washedDryMin),
  waitIfAny(wallStep(wall, "dust-wall")),
  waitIfAny(wallStep(wall, "lay-flat")),
  waitIfAny(wallStep(wall, "key-object")),
];
