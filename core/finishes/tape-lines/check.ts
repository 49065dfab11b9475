import type { Finding } from "../../findings/finding";
import { intersectCurves } from "../../geometry/intersectCurves";
import { subtract, type Point } from "../../geometry/point";
import { directionOf } from "../../geometry/trig";
import { acuteAngleDegrees } from "../../trade/constants";
import { placeTolerance } from "../../wall/outline";
import { isOnStrip, type Strip } from "../../wall/strip";
import { strayFill } from "../fillsByHand";
import type { TapedSegment } from "./layLines";
import { layOutTapeLines } from "./layout";
import type { TapeLinesSpec } from "./spec";

/** Loose ends, fills that colour nothing, neighbours alike, and corners too sharp to paint. */
export function checkTapeLines(spec: TapeLinesSpec, strip: Strip): Finding[] {
  const { lines, walls, alike, strayFills } = layOutTapeLines(spec, strip);
  return [
    ...walls.flatMap(({ looseEnds, part }) =>
      looseEnds.map(({ x, y }): Finding => ({
        code: "loose-end",
        severity: "check",
        values: {},
        at: { x: x + part.offset, y },
      })),
    ),
    ...strayFills.map((index) => strayFill(spec.id, spec.fills, index)),
    ...(alike > 0
      ? [{ code: "equal-neighbours", severity: "check", values: { pairs: alike }, at: null } as const]
      : []),
    ...sharpCorners(lines, strip),
  ];
}

function sharpCorners(lines: readonly TapedSegment[], strip: Strip): Finding[] {
  return lines.flatMap((first, index) =>
    lines.slice(index + 1).flatMap((second): Finding[] => {
      const degrees = angleBetween(first, second);
      // Lines on each other are one line, and make no corner.
      if (degrees >= acuteAngleDegrees || degrees < 1e-6) return [];
      const at = intersectCurves(first.path, second.path, placeTolerance)[0]?.point;
      if (!at || !isOnStrip(strip, at)) return [];
      return [{ code: "acute-angle", severity: "check", values: { degrees }, at }];
    }),
  );
}

/** The smaller angle between two lines, in degrees. */
function angleBetween(first: TapedSegment, second: TapedSegment): number {
  const [u, v] = [first, second].map(({ path }) => subtract(path.b, path.a)) as [Point, Point];
  const angle = directionOf(Math.abs(u.x * v.y - u.y * v.x), Math.abs(u.x * v.x + u.y * v.y));
  return (angle * 180) / Math.PI;
}
