import { isInsideContour } from "../geometry/contour";
import type { Point } from "../geometry/point";
import { rotateAbout } from "../geometry/point";
import type { StencilSheet } from "../stencil/cutSheet";
import { fillTool, type Tool } from "./editing";
import type { SheetPlace } from "./printTurns";

/** A click on a print gives the colour of the hole under it, or of the nearest one, another paint everywhere. */
export const fillPrints = (places: readonly SheetPlace[], sheet: StencilSheet): Tool =>
  fillTool((at, paint) => {
    for (const place of places) {
      const own = onSheet(at, place);
      if (!isWithin(own, sheet.cuts)) continue;
      const hit = sheet.slots.find(({ contours }) =>
        contours.reduce((inside, contour) => inside !== isInsideContour(own, contour), false),
      );
      return { path: ["colours"], set: { [(hit ?? sheet.slots[0]!).slot]: paint } };
    }
    return null;
  });

/** A place on the wall as it lies on a sheet. */
function onSheet(point: Point, { at, turn }: SheetPlace): Point {
  const turned = rotateAbout(point, at, (-turn * Math.PI) / 180);
  return { x: turned.x - at.x, y: turned.y - at.y };
}

const isWithin = ({ x, y }: Point, { minX, maxX, minY, maxY }: StencilSheet["cuts"]): boolean =>
  x >= minX && x <= maxX && y >= minY && y <= maxY;
