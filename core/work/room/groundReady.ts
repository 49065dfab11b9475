import { washedDryMin } from "../../trade/constants";
import type { Wall } from "../../wall/schema";
import { waitFor, type Wait } from "../step";

/** What a wall's ground waits for before anything is put on it: washed and dry or dusted (an object laid flat and keyed), mended, sanded and spot-primed. */
export function groundReady({ id, conditions }: Wall): (Wait | null)[] {
  return [
    ...cleaned(id),
    ...conditions.flatMap((_, index) => [
      waitFor(`${id}/prepare-${index + 1}`),
      waitFor(`${id}/sand-${index + 1}`, "drying", washedDryMin),
    ]),
  ];
}

/** It is either washed, and dries, or is of bare wood and dusted, or lies on a table. */
export const cleaned = (wall: string): (Wait | null)[] => [
  waitFor(`${wall}/wash-wall`, "drying", washedDryMin),
  waitFor(`${wall}/dust-wall`),
  waitFor(`${wall}/lay-flat`),
  waitFor(`${wall}/key-object`),
];
