import { boxOfContour, curveLength, type Curve } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { Keeping } from "../geometry/keeping";
import { once } from "../geometry/once";
import { distance, type Point } from "../geometry/point";
import type { PlanPoint } from "../plan/planPoint";
import { isCurved } from "../tape/isCurved";
import { choosePeel } from "../tape/sealEdge";
import { heightOf } from "../work/cautions";
import { baseOf } from "./baseDownTo";
import type { WorkMarking, WorkWall } from "../work/workInput";
import { isBareWood } from "./isBareWood";
import { liesOn } from "../pattern/liesOn";
import type { Pattern } from "../pattern/pattern";
import { linesOfTape } from "./linesOfTape";
import type { LaidOutJob, OrderedWall } from "./orderedWall";
import type { Job } from "./schema";

/** What of each laid-out wall the work depends on, whatever the school: `workWalls`, or something that keeps unchanged ones. */
export type WorkWalls = (laidOut: LaidOutJob) => WorkWall[];

export const workWalls: WorkWalls = ({ job, walls }) =>
  walls.flatMap((wall) => (wall.laid ? [workOn(job.edges, wall)] : []));

/** A `workWalls` that answers a wall that is the same object still as before. */
export function keepWorkWalls(): WorkWalls {
  const kept = new Keeping<WorkWall>();
  return ({ job: { edges }, walls }) =>
    walls.flatMap((wall) => (wall.laid ? [kept.answer(wall, edges, () => workOn(edges, wall))] : []));
}

function workOn(edges: Job["edges"], on: OrderedWall): WorkWall {
  const { wall, laid, surfaceM2, groups, tape, baseMasks, bases } = on;
  const { pattern, surface } = laid!;
  const perimeters = perimetersOf(pattern);
  const broken = new Set(pattern.effects.flatMap((effect) => effect.regions));
  return {
    wall,
    surfaceM2,
    base: {
      ...baseOf(surface, wall),
      floatMm: sumOf(baseMasks.filter(({ byHand }) => byHand === "float")),
      after: bases.after,
    },
    maskedFrom: bases.maskedFrom,
    regions: pattern.regions.map(({ id, colour, face, technique }, index) => ({
      id,
      colour,
      group: groups[index]!,
      areaM2: face.area / 1e6,
      edgeMm: lengthOf(face.outer, ...face.holes),
      tightestMm: tightestOf(face.outer, ...face.holes),
      perimeterMm: perimeters[index]!,
      technique,
      isHidden: pattern.sheets.length > 0 || broken.has(id),
    })),
    edgesM: sumOf(edgesOf(on)) / 1000,
    marking: markingOf(on),
    isBareWood: isBareWood(on),
    peel: choosePeel(wall.texture, edges),
    workTopMm: workTopOf(on),
    // Something is painted or printed on it, or it is taped for what is painted around its corner.
    isWorkedOn:
      pattern.regions.length > 0 &&
      (wall.baseState === "paint" ||
        wall.object?.varnish !== undefined ||
        tape.length > 0 ||
        groups.some((group) => group > 0) ||
        liesOn(pattern).size > 0),
  };
}

const sumOf = (pieces: readonly { readonly length: number }[]): number =>
  pieces.reduce((sum, { length }) => sum + length, 0);

/** Each edge once: what a base is masked from is what the pattern within it is masked from too. */
const edgesOf = ({ tape, baseMasks }: OrderedWall) =>
  baseMasks.length === 0 ? tape : [...tape.filter(({ against }) => against === null), ...baseMasks];

function markingOf({ wall, laid, groups, marks, checks }: OrderedWall): WorkMarking {
  const { pattern, surface } = laid!;
  const { regions, centres, edges } = pattern;
  const { minX, maxX, minY, maxY } = surface.extent;
  const pinned = centres.filter(
    ({ centre: { x, y } }) => x >= minX && x <= maxX && y >= minY - wall.skirting && y <= maxY,
  );
  const arcs = edges.flatMap(({ curve }) =>
    curve.kind === "arc" && pinned.some(({ centre }) => distance(centre, curve.centre) < 1e-6)
      ? [{ radius: curve.radius, length: curveLength(curve) }]
      : [],
  );
  const byEye = new Set(pattern.lines.flatMap((line) => (line.byEye ? [line.finish] : [])));
  const papered = new Set(pattern.sheets.map(({ finish }) => finish));
  const hidden = new Set(pattern.lines.flatMap(({ finish, line }) => (papered.has(finish) ? [line] : [])));
  return {
    marks: [...marks, ...checks].map(({ id }) => id),
    along: marksAlong(pattern, [...marks, ...checks]),
    hidden: new Set(
      [...marks, ...checks].flatMap(({ id, line }) =>
        hidden.has(line) || (line === "" && hidden.size > 0) ? [id] : [],
      ),
    ),
    isLevelled: marks.some((mark) => !mark.byEye),
    arcs,
    pins: pinned.filter(({ centre }) => centre.y > minY && !isInOpening(centre, wall)).length,
    chips: regions.filter(({ finish }, index) => groups[index]! > 0 && byEye.has(finish ?? "")).length,
  };
}

/** A mark tells its line with its finish, whatever the wall; tape lies along that line as it runs over the wall. */
function marksAlong({ lines }: Pattern, marks: OrderedWall["marks"]): WorkMarking["along"] {
  const byLine = groupBy(marks, ({ line }) => line);
  const nameOf = new Map(lines.map(({ id, line }) => [id, line]));
  const toPoint = ({ x, y }: Point): PlanPoint => [x, y];
  // Asked only where a colour is carried over lines.
  const find = once(() =>
    linesOfTape(lines.map(({ id, path }) => ({ id, path: [toPoint(path.a), toPoint(path.b)] }))),
  );
  return (piece) => {
    if (isCurved(piece)) return [];
    const line = find()([toPoint(piece.path[0]!.a), toPoint(piece.path.at(-1)!.b)]);
    const name = line === undefined ? undefined : nameOf.get(line);
    return name === undefined ? [] : (byLine.get(name) ?? []).map(({ id }) => id);
  };
}

const isInOpening = ({ x, y }: Point, { openings }: OrderedWall["wall"]): boolean =>
  openings.some((hole) => x > hole.x && x < hole.x + hole.width && y > hole.y && y < hole.y + hole.height);

function lengthOf(...contours: (readonly Curve[])[]): number {
  let sum = 0;
  for (const contour of contours) for (const curve of contour) sum += curveLength(curve);
  return sum;
}

function tightestOf(...contours: (readonly Curve[])[]): number {
  let tightest = Infinity;
  for (const contour of contours)
    for (const curve of contour) if (curve.kind === "arc") tightest = Math.min(tightest, curve.radius);
  return tightest;
}

/** How much of each region's edge nothing lies beyond: the wall's ends, floor, ceiling and openings; mm. */
function perimetersOf({ regions, edges }: Pattern): number[] {
  const perimeters = new Array<number>(regions.length).fill(0);
  for (const { left, right, curve } of edges) {
    if (left === null || right === null) perimeters[left ?? right!]! += curveLength(curve);
  }
  return perimeters;
}

/** Of a wall that is painted all over its top, else that of what is painted or printed on it. */
function workTopOf({ wall, laid, groups }: OrderedWall): number {
  const { pattern, surface } = laid!;
  if (wall.object || wall.baseState === "paint" || liesOn(pattern).size > 0) return heightOf(wall);
  let top = -Infinity;
  pattern.regions.forEach(({ face }, index) => {
    if (groups[index]! > 0) top = Math.max(top, boxOfContour(face.outer).maxY);
  });
  return top === -Infinity ? 0 : top - surface.extent.minY + wall.skirting;
}
