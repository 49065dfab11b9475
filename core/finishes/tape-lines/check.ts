import type { Cure, Finding } from "../../findings/finding";
import { curveLength } from "../../geometry/curve";
import { intersectCurves } from "../../geometry/intersectCurves";
import { cross, dot, subtract, type Point } from "../../geometry/point";
import { directionOf } from "../../geometry/trig";
import { acuteAngleDegrees } from "../../trade/constants";
import { placeTolerance } from "../../wall/outline";
import { isOnStrip, type Strip } from "../../wall/strip";
import { checkNearMisses } from "../checkNearMisses";
import { checkLineWidth } from "../checkLineWidth";
import { strayFill } from "../fillsByHand";
import type { TapedSegment } from "./layLines";
import type { WallFaces } from "./findFaces";
import { cureAlike } from "./cureAlike";
import { drawOn } from "./drawOn";
import type { TapeLinesLayout } from "./layout";
import type { TapeLinesSpec } from "./spec";
import { throwLines } from "./throwLines";

/** Loose ends, fills that colour nothing, neighbours alike, and corners too sharp to paint. */
export function checkTapeLines(layout: TapeLinesLayout): Finding[] {
  const { spec, strip, lines, walls, alike, strayFills, meetings } = layout;
  return [
    ...checkLineWidth(spec.id, spec.lineWidth, Infinity, layout.context.edges.tapes),
    ...walls.flatMap(({ looseEnds, part }) =>
      looseEnds.map(({ x, y }): Finding => {
        const at = { x: x + part.offset, y };
        const later = () => drawOn(spec, lines, at, strip);
        return { code: "loose-end", severity: "check", values: {}, at, later };
      }),
    ),
    ...meetings.map(([first, second]): Finding => {
      const [at, other] = [spec.fills[second]!.at, spec.fills[first]!.at];
      return {
        code: "fills-meet",
        severity: "check",
        values: { first: first + 1, second: second + 1, at, other },
        at: { x: at[0], y: at[1] },
        cure: {
          kind: "take-out",
          count: 0,
          finish: spec.id,
          set: { fills: spec.fills.filter((_, index) => index !== first) },
        },
      };
    }),
    ...strayFills.map((index) => strayFill(spec.id, spec.fills, index)),
    ...(alike > 0
      ? [
          {
            code: "equal-neighbours",
            severity: "check",
            values: { pairs: alike },
            at: null,
            later: () => cureAlike(layout),
          } as const,
        ]
      : []),
    ...sharpCorners(spec, lines, strip),
    ...checkNearMisses(
      lines.map(({ path }) => path),
      strip,
      (place) => takeOut(spec, lines[place]!),
    ),
    ...(spec.random ? checkThrown(spec.random, strip) : []),
    ...(spec.byEye === undefined ? [] : [byEye(spec.byEye, walls)]),
  ];
}

function checkThrown(random: NonNullable<TapeLinesSpec["random"]>, strip: Strip): Finding[] {
  if (random.way === "zigzag") return [];
  const found = throwLines(random, strip.extent).length;
  return found < random.count
    ? [{ code: "no-room", severity: "note", values: { wanted: random.count, found }, at: null }]
    : [];
}

/** How much of the wall may change sides where lines stray. */
function byEye(tolerance: number, walls: readonly WallFaces[]): Finding {
  const lengths = walls.flatMap(({ edges }) =>
    edges.flatMap(({ left, right, curve }) => (left === null || right === null ? [] : [curveLength(curve)])),
  );
  const areaM2 = (lengths.reduce((sum, length) => sum + length, 0) * tolerance) / 1e6;
  return { code: "by-eye", severity: "note", values: { tolerance, areaM2 }, at: null };
}

/** A line taken out; one that was thrown cannot be taken out by itself. */
function takeOut({ id, lines }: TapeLinesSpec, { line }: TapedSegment): Cure | undefined {
  if (line >= lines.length) return undefined;
  const set = { lines: lines.filter((_, other) => other !== line) };
  return { kind: "take-out", count: 0, finish: id, set };
}

function sharpCorners(spec: TapeLinesSpec, lines: readonly TapedSegment[], strip: Strip): Finding[] {
  return lines.flatMap((first, index) =>
    lines.slice(index + 1).flatMap((second): Finding[] => {
      const degrees = bendBetween(first, second) ?? angleBetween(first, second);
      // Lines on each other are one line, and make no corner.
      if (degrees >= acuteAngleDegrees || degrees < 1e-6) return [];
      const at = intersectCurves(first.path, second.path, placeTolerance)[0]?.point;
      if (!at || !isOnStrip(strip, at)) return [];
      return [
        { code: "acute-angle", severity: "check", values: { degrees }, at, cure: takeOut(spec, second) },
      ];
    }),
  );
}

/** The angle within the bend of a line between two stretches of it that follow each other: nearly straight on is no corner. */
function bendBetween(first: TapedSegment, second: TapedSegment): number | null {
  if (first.line !== second.line || second.piece !== first.piece + 1) return null;
  const [back, on] = [subtract(first.path.a, first.path.b), subtract(second.path.b, second.path.a)];
  const angle = directionOf(Math.abs(cross(back, on)), dot(back, on));
  return (angle * 180) / Math.PI;
}

/** The smaller angle between two lines, in degrees. */
function angleBetween(first: TapedSegment, second: TapedSegment): number {
  const [u, v] = [first, second].map(({ path }) => subtract(path.b, path.a)) as [Point, Point];
  const angle = directionOf(Math.abs(u.x * v.y - u.y * v.x), Math.abs(u.x * v.x + u.y * v.y));
  return (angle * 180) / Math.PI;
}
