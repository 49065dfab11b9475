import { boxOfWall } from "../wall/boxOfWall";
import type { Wall } from "../wall/schema";
import { sceneOf, type LookOf } from "./scene";
import { drawTile, type View } from "./views";

/** A picture in few pixels, four digits each: red, green, blue and how solid. */
export interface SmallPicture {
  readonly pixels: Uint8ClampedArray<ArrayBuffer>;
  readonly width: number;
  readonly height: number;
}

/** How large a cell of a wall has to be for so many of them along its longer side, mm. */
export const cellFor = (wall: Wall, px: number): number => longerSide(wall) / px;

/** A wall square on in daylight, so many pixels along its longer side, laid out no finer than they are. */
export function smallLook(of: LookOf, px: number): SmallPicture {
  const { minX, maxX, minY, maxY } = boxOfWall(of.wall);
  const scale = px / longerSide(of.wall);
  const size = {
    width: Math.max(1, Math.round((maxX - minX) * scale)),
    height: Math.max(1, Math.round((maxY - minY) * scale)),
  };
  const view: View = { from: { kind: "square" }, lighting: { by: "day", from: "left" }, ...size };
  return { ...size, pixels: drawTile(sceneOf(of, cellFor(of.wall, px)), view, { x: 0, y: 0, ...size }) };
}

function longerSide(wall: Wall): number {
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  return Math.max(maxX - minX, maxY - minY);
}
