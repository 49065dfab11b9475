import type { LaidOutJob, OrderedWall } from "./orderedWall";
import { lightnessOf } from "../colour/lightness";
import { Keeping } from "../geometry/keeping";
import { once } from "../geometry/once";
import { matchCorner } from "../pattern/matchCorner";
import { groupRegions, orderRounds, type GroupedWalls, type Groups } from "../rounds/groupRegions";
import { maskBase, planTape, type JoinedEnd } from "../tape/planTape";
import { baseCornersOf, isExternalCorner, type Corner } from "./baseCorners";
import { cornersInTurn } from "./cornersInTurn";
import { checkBaseAge } from "./checkBaseAge";
import { checkBaseDownTo, masksAbove } from "./baseDownTo";
import { checkTape } from "./checkTape";
import { carryMarks } from "./carryMarks";
import { layoutInputOf, tapingInputOf, type LayoutInput, type TapingInput } from "./layoutInput";
import { layOutWalls, type LaidOutWall } from "./layOutWalls";
import { Allowance } from "../trade/allowance";
import type { Wall } from "../wall/schema";
import type { Job } from "./schema";

/** How a job is laid out: `layOutJob`, or something that answers unchanged walls from before. */
export type LayOutJob = (job: Job, progress?: Progress) => LaidOutJob;

/** Told how much of the work is done, 0 to 1. */
export type Progress = (share: number) => void;

/** Walls that hang together, laid out and their regions sorted into groups that are not yet in an order. */
interface SortedWalls {
  readonly laidOut: readonly LaidOutWall[];
  readonly corners: readonly Corner[];
  /** Where each wall stands among those that could be laid out. */
  readonly places: ReadonlyMap<number, number>;
  readonly grouped: GroupedWalls;
}

/** Lays out the walls of a job, and groups and tapes their regions. */
export const layOutJob: LayOutJob = (job, progress) => layOutJoined(job, sortWalls, tapeWalls, progress);

function layOutJoined(
  job: Job,
  sort: typeof sortWalls,
  tape: typeof tapeWalls,
  progress?: Progress,
): LaidOutJob {
  let done = 0;
  const [pieces, prints] = [new Allowance("pieces"), new Allowance("prints")];
  const cut = new Allowance("pieces of cut prints");
  const sorted = groupJoinedWalls(job).map((walls) => {
    const answer = sort(layoutInputOf(job, walls));
    for (const { laid } of answer.laidOut) {
      pieces.take(laid?.pattern.regions.length ?? 0);
      prints.take(laid?.pattern.placements.length ?? 0);
      cut.take(laid?.pattern.cutPieces ?? 0);
    }
    done += walls.length;
    progress?.(done / job.walls.length);
    return answer;
  });
  const groups = orderRounds(sorted.map(({ grouped }) => grouped));
  const tapePieces = new Allowance("pieces of tape");
  const ordered = new Map<string, OrderedWall>();
  sorted.forEach((walls, index) => {
    const laidOn = walls.laidOut.map(({ wall }) => wall);
    for (const wall of tape(walls, tapingInputOf(job, laidOn, groups[index]!))) {
      tapePieces.take(wall.tape.length);
      ordered.set(wall.wall.id, wall);
    }
  });
  return { job, walls: job.walls.map(({ id }) => ordered.get(id)!) };
}

function sortWalls(input: LayoutInput): SortedWalls {
  const laidOut = carryMarks(input, layOutWalls(input));
  const corners = cornersOf(input, laidOut);
  const standing = laidOut.flatMap(({ laid, wall }, index) =>
    laid ? [{ index, pattern: laid.pattern, base: wall.base }] : [],
  );
  const places = new Map(standing.map(({ index }, place) => [index, place]));
  const grouped = groupRegions(
    standing,
    corners.map((corner) => ({
      ...corner,
      first: places.get(corner.first)!,
      second: places.get(corner.second)!,
    })),
    paintIn(input),
  );
  return { laidOut, corners, places, grouped };
}

/** How light each of the job's paints is, and whether tape marks it. */
function paintIn(input: LayoutInput) {
  const lightness = lightnessIn(input);
  const marking = new Set(input.paints.flatMap(({ id, marks }) => (marks ? [id] : [])));
  return (paint: string) => ({ lightness: lightness(paint), marks: marking.has(paint) });
}

/** How light each of the job's paints is, 0 to 1. */
function lightnessIn({ paints }: Pick<TapingInput, "paints">): (paint: string) => number {
  const hexOf = new Map(paints.map(({ id, hex }) => [id, hex]));
  return (paint) => lightnessOf(hexOf.get(paint)!);
}

function tapeWalls({ laidOut, corners, places, grouped }: SortedWalls, input: TapingInput): OrderedWall[] {
  const { groups, edges, ceilings } = input;
  const groupsOf = (index: number): Groups => groups[places.get(index) ?? -1] ?? [];
  const { count, lowerBound } = grouped;
  const lightness = lightnessIn(input);
  return laidOut.map((wall, index): OrderedWall => {
    const ordered = { ...wall, groups: groupsOf(index), rounds: { count, lowerBound } };
    const bases = baseCornersOf(index, laidOut, corners, edges, lightness);
    if (!wall.laid) return { ...ordered, tape: [], tapeAgain: () => [], baseMasks: [], bases };
    const joined = joinedEnds(index, laidOut, corners, groupsOf);
    const tapeInput = {
      ...wall.laid,
      groupOf: ordered.groups,
      joined,
      schools: edges,
      ceiling: ceilings[index]!,
    };
    const { base, baseState } = wall.wall;
    const taped = {
      ...ordered,
      bases,
      ...planTape(tapeInput),
      baseMasks: baseState === "paint" ? masksAbove(maskBase(tapeInput, base, bases.goesOn), wall.wall) : [],
    };
    const noticed = [...checkTape(taped, edges), ...checkBaseDownTo(taped), ...checkBaseAge(taped.wall)];
    return {
      ...taped,
      ...(noticed.length > 0 && {
        findings: [...wall.findings, ...noticed],
        advice: once(() => ({ ...wall.advice(), findings: [...wall.advice().findings, ...noticed] })),
      }),
    };
  });
}

/** The corners of the job's runs where both walls could be laid out; each pair of walls once. */
function cornersOf({ runs }: Pick<LayoutInput, "runs">, walls: readonly LaidOutWall[]): Corner[] {
  const indexOf = new Map(walls.map(({ wall }, index) => [wall.id, index]));
  const seen = new Set<string>();
  return runs.flatMap((run) =>
    cornersInTurn(run).flatMap(([one, other]): Corner[] => {
      const [first, second] = [indexOf.get(one), indexOf.get(other)];
      if (first === undefined || second === undefined || seen.has(`${first},${second}`)) return [];
      seen.add(`${first},${second}`);
      const [left, right] = [walls[first]!.laid, walls[second]!.laid];
      return left && right ? [{ first, second, touches: matchCorner(left.pattern, right.pattern) }] : [];
    }),
  );
}

function joinedEnds(
  index: number,
  walls: readonly LaidOutWall[],
  corners: readonly Corner[],
  groupsOf: (index: number) => Groups,
): JoinedEnd[] {
  const other = (wall: number, region: number) => ({
    wall: walls[wall]!.wall.id,
    region: walls[wall]!.laid!.pattern.regions[region]!.id,
    colour: walls[wall]!.laid!.pattern.regions[region]!.colour,
    group: groupsOf(wall)[region]!,
  });
  return corners.flatMap((corner): JoinedEnd[] => {
    const { first, second, touches } = corner;
    const isExternal = isExternalCorner(corner, walls);
    if (first === index) {
      const meets = touches.map((touch) => ({
        region: touch.first,
        stretch: touch.onFirst,
        other: other(second, touch.second),
      }));
      return [{ end: "right", isExternal, meets }];
    }
    if (second !== index) return [];
    const meets = touches.map((touch) => ({
      region: touch.second,
      stretch: touch.onSecond,
      other: other(first, touch.first),
    }));
    return [{ end: "left", isExternal, meets }];
  });
}

/** Walls by what hangs together: those of one run, and of runs that share a wall. In the order of the job. */
function groupJoinedWalls(job: Job): Wall[][] {
  const leader = new Map(job.walls.map(({ id }) => [id, id]));
  const leaderOf = (id: string): string => {
    const next = leader.get(id)!;
    return next === id ? id : leaderOf(next);
  };
  for (const run of job.runs) {
    for (const id of run.walls) leader.set(leaderOf(id), leaderOf(run.walls[0]!));
  }
  const groups = new Map<string, Wall[]>();
  for (const wall of job.walls) {
    const key = leaderOf(wall.id);
    const group = groups.get(key);
    if (group) group.push(wall);
    else groups.set(key, [wall]);
  }
  return [...groups.values()];
}

/** A `layOutJob` that gives its last answers again for walls of which nothing that laying out or taping looks at has changed. */
export function keepUnchangedWalls(): LayOutJob {
  const [sorted, taped] = [new Keeping<SortedWalls>(), new Keeping<OrderedWall[]>()];
  return (job, progress) =>
    layOutJoined(
      job,
      (input) => sorted.answer(input.walls[0]!.id, input, () => sortWalls(input)),
      (walls, input) => taped.answer(walls, input, () => tapeWalls(walls, input)),
      progress,
    );
}
