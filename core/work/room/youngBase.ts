import { waitFactor } from "../../trade/climate";
import type { Wall } from "../../wall/schema";
import type { Work } from "../schema";
import type { Wait } from "../step";
import { floorCovered } from "./protectRoom";

/** What is left on the first morning of a wait of a base that is on, as its label counts it; null where nothing is. */
export function leftOfWait(
  { baseAge }: Pick<Wall, "baseAge">,
  minutes: number,
  what: "recoat" | "tape-over",
  work: Work,
): Wait | null {
  if (baseAge === undefined) return null;
  const left = minutes - baseAge / waitFactor(work);
  return left > 0 ? { ...floorCovered, what, minutes: left } : null;
}
