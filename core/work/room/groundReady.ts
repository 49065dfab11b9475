import { washedDryMin } from "../../trade/constants";
import type { Wall } from "../../wall/schema";
import { waitFor, type Wait } from "../step";

/** What a wall's ground waits for before anything is put on it: washed and dry, mended, sanded and spot-primed. */
export function groundReady({ id, conditions }: Wall): (Wait | null)[] {
  return [
    waitFor(`${id}/wash-wall`, "drying", washedDryMin),
    ...conditions.flatMap((_, index) => [
      waitFor(`${id}/prepare-${index + 1}`),
      waitFor(`${id}/sand-${index + 1}`, "drying", washedDryMin),
    ]),
  ];
}
