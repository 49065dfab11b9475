import { heightAt, offsetAt } from "@/core/wall/polyline";
import type { Wall } from "@/core/wall/schema";
import { shapeOfWall, type WallShape } from "@/core/wall/wallShape";
import { createRandom } from "../random";
import type { Aim } from "./laserMeter";

/** The true length along an aim, mm. */
export type Room = (aim: Aim) => number;

/** The room around a wall that has been surveyed: what was read is what the laser finds. */
export function roomOfWall(wall: Wall): Room {
  return measureIn(shapeOfWall(wall), wall.width);
}

/** A made-up wall for one that is only being measured: a little out everywhere, the same for the same seed. */
export function imaginedRoom(seed: string): Room {
  const random = createRandom(seed);
  const between = (low: number, high: number) => low + (high - low) * random();
  const width = Math.round(between(2400, 4300));
  const [down, up] = [between(1080, 1240), between(1180, 1460)];
  const [floorFall, ceilingFall, lean] = [between(-9, 9), between(-19, 19), between(-7, 7)];
  const shape: WallShape = {
    floor: [
      { x: 0, y: -down },
      { x: width, y: -down - floorFall },
    ],
    ceiling: [
      { x: 0, y: up },
      { x: width, y: up - ceilingFall },
    ],
    left: [
      { x: 0, y: -down },
      { x: lean, y: up },
    ],
    right: [{ x: width, y: 0 }],
  };
  return measureIn(shape, width);
}

function measureIn(shape: WallShape, width: number): Room {
  return (aim) => {
    switch (aim.toward) {
      case "floor":
        return -heightAt(shape.floor, aim.x, "highest");
      case "ceiling":
        return heightAt(shape.ceiling, aim.x, "lowest");
      case "far end":
        return width;
      case "left end":
        return offsetAt(shape.left, aim.y);
      case "right end":
        return width - offsetAt(shape.right, aim.y);
      case "thing":
        return aim.about ?? width / 2;
      default:
        return aim satisfies never;
    }
  };
}
