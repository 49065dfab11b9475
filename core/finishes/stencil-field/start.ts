import type { Strip } from "../../wall/strip";
import { findThing } from "../findThing";
import type { StencilFieldSpec } from "./spec";

type Start = StencilFieldSpec["start"];
type Repeat = { readonly x: number; readonly y: number };

/** Of a start that is told in words: how many repeats the first print's middle is from what the words say. */
const repeatsAcross = { centre: 0, joint: 1 / 2, left: 1 / 2, right: -1 / 2 } as const;
const repeatsUp = { top: -1 / 2, floor: 1 / 2, centre: 0, joint: 1 / 2 } as const;

/** How many repeats, rightwards and upwards, the first print is from where it would be if they were nothing. */
export const repeatsToStart = ({ x, y }: Start): Repeat => ({
  x: typeof x === "string" ? repeatsAcross[x] : 0,
  y: typeof y === "string" ? repeatsUp[y] : 0,
});

/** Where the middle of the first print lies on a strip. */
export function startOf(start: Start, strip: Strip, repeat: Repeat): { x: number; y: number } {
  const { minX, maxX, minY, maxY } = strip.extent;
  const from = repeatsToStart(start);
  const across = () => {
    if (typeof start.x === "number") return start.x;
    if (typeof start.x === "object") {
      const thing = findThing(strip, start.x.on)!;
      return thing.x + thing.width / 2;
    }
    return { centre: (minX + maxX) / 2, joint: (minX + maxX) / 2, left: minX, right: maxX }[start.x];
  };
  const up = () => {
    if (typeof start.y === "number") return start.y;
    return { top: maxY, floor: minY, centre: (minY + maxY) / 2, joint: (minY + maxY) / 2 }[start.y];
  };
  return { x: across() + from.x * repeat.x, y: up() + from.y * repeat.y };
}
