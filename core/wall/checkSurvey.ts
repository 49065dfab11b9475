import type { Finding } from "../findings/finding";
import { segment } from "../geometry/curve";
import { distance, midpoint, type Point } from "../geometry/point";
import { flatWithinMm, trueWithinMm, unnoticedShare, wedgeZoneMm } from "../trade/constants";
import { findSlips } from "./findSlips";
import { isRake } from "./rake";
import { judgeTaper, taperFinding } from "./judgeTaper";
import { offsetAt } from "./polyline";
import type { Surface } from "./surface";
import { sidesOf, type Side } from "./wallShape";

/** How far out of true a wall is, and which readings to look at again. */
export function checkSurvey(surface: Surface, viewingDistance: number): Finding[] {
  const sides = sidesOf(surface.shape);
  return [
    ...checkSlips(surface),
    ...sides.flatMap((side) => checkSide(side)),
    ...checkSquare(surface, sides),
    ...checkLevelLine(surface, viewingDistance),
    ...surface.wall.flatness.flatMap(({ at, gap, straightedge }): Finding[] => {
      const allowed = (flatWithinMm * straightedge) / 2000;
      if (gap <= allowed) return [];
      const values = { gap, straightedge };
      return [{ code: "not-flat", severity: "note", values, at: { x: at[0], y: at[1] } }];
    }),
  ];
}

function checkSlips({ wall }: Surface): Finding[] {
  if (!wall.survey) return [];
  const { stations } = wall.survey;
  return findSlips(wall.survey).map(({ station, key, read, likely }): Finding => {
    const { x, down, up } = stations[station]!;
    return {
      code: "likely-slip",
      severity: "check",
      values: { read, likely, station: station + 1, of: key === "down" ? "floor" : "ceiling" },
      at: { x, y: key === "down" ? -down : up },
      cure: {
        kind: "take-reading",
        count: likely,
        wall: wall.id,
        path: ["survey", "stations", station],
        set: { [key]: likely },
      },
    };
  });
}

/** A side's greatest difference from level (or plumb) along any stretch without a step. */
function checkSide({ name, points }: Side): Finding[] {
  const isLevel = name === "top" || name === "bottom";
  const [along, across] = isLevel ? (["x", "y"] as const) : (["y", "x"] as const);
  const stretches: Point[][] = [[]];
  points.forEach((point, index) => {
    const before = points[index - 1];
    // A rake is a shape: what lies on either side of it is level or not by itself.
    if (before && (before[along] === point[along] || (isLevel && isRake(before, point)))) stretches.push([]);
    stretches.at(-1)!.push(point);
  });
  const outOf = (stretch: readonly Point[]) => {
    const values = stretch.map((point) => point[across]);
    return Math.max(...values) - Math.min(...values);
  };
  const worst = stretches.reduce((a, b) => (outOf(b) > outOf(a) ? b : a));
  const out = outOf(worst);
  if (out <= trueWithinMm) return [];
  // A stretch runs counter-clockwise around the wall; it is told from the left, or from below.
  const [from, to] =
    name === "bottom" || name === "right" ? [worst[0]!, worst.at(-1)!] : [worst.at(-1)!, worst[0]!];
  const change = to[across] - from[across];
  const at = midpoint(from, to);
  if (isLevel) {
    const side = name === "top" ? "ceiling" : "floor";
    const values = { side, out, change, clearAt: Math.min(wedgeZoneMm, out / unnoticedShare) } as const;
    return [{ code: "out-of-level", severity: "note", values, at }];
  }
  const inwards = name === "left" ? change : -change;
  return [
    { code: "out-of-plumb", severity: "note", values: { side: name as "left" | "right", out, inwards }, at },
  ];
}

/**
 * Squareness from the two diagonals: of a parallelogram with sides w and h they differ as r^2 - f^2 = 4 w s, where
 * s is how far its top stands to the right of its foot.
 */
function checkSquare({ wall }: Surface, sides: readonly Side[]): Finding[] {
  const corners = sides.map(({ points }) => points[0]!) as [Point, Point, Point, Point];
  const [lowerLeft, lowerRight, upperRight, upperLeft] = corners;
  const computed = { rising: distance(lowerLeft, upperRight), falling: distance(upperLeft, lowerRight) };
  const read = wall.diagonals;
  const { rising, falling } = read ?? computed;
  const skew = Math.abs(rising * rising - falling * falling) / (4 * wall.width);
  const at = upperRight;
  const findings: Finding[] = [];
  // A surveyed floor that slopes makes diagonals differ too; how its ends lean has been told.
  if (skew > trueWithinMm && !wall.survey) {
    const values = { difference: Math.abs(rising - falling), skew };
    findings.push({ code: "out-of-square", severity: "check", values, at });
  }
  if (!read || !wall.survey) return findings;
  for (const which of ["rising", "falling"] as const) {
    const difference = Math.abs(read[which] - computed[which]);
    if (difference <= 2 * trueWithinMm) continue;
    const values = { which, read: read[which], computed: computed[which] };
    findings.push({ code: "diagonal-disagrees", severity: "check", values, at });
  }
  return findings;
}

/** A level line struck close under a ceiling (or over a floor) that is out shows the wedge by itself. */
function checkLevelLine(surface: Surface, viewingDistance: number): Finding[] {
  const { wall, shape } = surface;
  if (!wall.survey) return [];
  const [x0, x1] = [offsetAt(shape.left, 0), offsetAt(shape.right, 0)];
  const line = segment({ x: x0, y: 0 }, { x: x1, y: 0 });
  return (["top", "bottom"] as const).flatMap((side): Finding[] => {
    const taper = judgeTaper(line, side, surface, viewingDistance);
    if (!taper || taper.verdict === "won't show" || taper.least > wedgeZoneMm) return [];
    return [taperFinding("level line", line, taper, "note", viewingDistance)];
  });
}
