import { describeBricks } from "./describeBricks";
import { describeSheets } from "./describeSheets";
import { describeCoats } from "./describeCoats";
import { describeLater } from "./describeLater";
import { describeReason, type Reason } from "../findings/reasons";
import type { Speech } from "../findings/speech";
import type { Face } from "../geometry/arrange";
import type { Contour } from "../geometry/curve";
import { flattenContour, flatteningOf } from "../geometry/flatten";
import { Keeping } from "../geometry/keeping";
import { distance, type Point } from "../geometry/point";
import { formatReading } from "../measure/formatReading";
import { roundToDivision } from "../measure/roundToDivision";
import type { LevelLineAdvice } from "../setout/adviseLevelLine";
import type { Mark } from "../setout/listMarks";
import type { Handwork } from "../tape/tapePiece";
import { choosePeel } from "../tape/sealEdge";
import { Allowance } from "../trade/allowance";
import { cornersOfWall } from "../wall/boxOfWall";
import { describePreparation, describeSurvey } from "./describeSurvey";
import type { Pattern } from "../pattern/pattern";
import { describeFit, describeOffers } from "./describeAdvice";
import {
  describeTape,
  tapeTimes,
  timeTape,
  type TapeTimes,
  type Taping,
  type TimedWork,
} from "./describeTape";
import { describePrints, timePrints } from "./describePrints";
import type { LaidOutJob, OrderedWall } from "./orderedWall";
import { speakFinding } from "./speakFinding";
import type { PlanMark, PlanPoint, PlanRegion, PlanWall } from "../plan/planTypes";
import { speechOf } from "./speechOf";
import { tellingInputOf, type TellingInput } from "./tellingInput";

const toPoint = ({ x, y }: Point): PlanPoint => [x, y];

/** How the walls of a job are told: as they lie, and then what else there is to say of them. */
export interface WallTeller {
  /** Before the work is known and without what else could be done, where that is not known from before. */
  first(laidOut: LaidOutJob, taping: Taping): readonly PlanWall[];
  /** The same walls, whole. */
  whole(told: readonly PlanWall[], laidOut: LaidOutJob, taping: Taping, work: TimedWork): PlanWall[];
}

/** Tells every wall anew. */
export const tellWalls: WallTeller = {
  first({ job, walls }, taping) {
    const input = tellingInputOf(job, taping);
    return limited(walls.map((wall) => describeWall(input, taping, wall)));
  },
  whole(told, { job, walls }, taping, work) {
    const input = tellingInputOf(job, taping);
    const times = tapeTimes(work.steps);
    return walls.map((wall, index) =>
      withAdvice(told[index]!, timedLater(told[index]!, work, times), input, wall),
    );
  },
};

/**
 * Gives its last answers again for walls that are the same objects still, told in the same, and timed alike. Of a wall that was
 * told whole before, that is its first answer, too.
 */
export function keepToldWalls(): WallTeller {
  const [first, whole] = [new Keeping<PlanWall>(), new Keeping<PlanWall>()];
  const known = new WeakMap<PlanWall, PlanWall>();
  const firstOf = (wall: OrderedWall, input: TellingInput, taping: Taping) =>
    first.answer(wall, input, () => describeWall(input, taping, wall));
  return {
    first({ job, walls }, taping) {
      const input = tellingInputOf(job, taping);
      return limited(
        walls.map((wall) => {
          const told = firstOf(wall, input, taping);
          return known.get(told) ?? told;
        }),
      );
    },
    whole(_, { job, walls }, taping, work) {
      const input = tellingInputOf(job, taping);
      const times = tapeTimes(work.steps);
      return walls.map((wall) => {
        const told = firstOf(wall, input, taping);
        const later = timedLater(told, work, times);
        const answer = whole.answer(told, keyOfLater(later), () => withAdvice(told, later, input, wall));
        known.set(told, answer);
        return answer;
      });
    },
  };
}

/** The same walls; throws OverLimit where they come to more than a plan may hold. */
function limited(walls: readonly PlanWall[]): readonly PlanWall[] {
  const [marks, points] = [new Allowance("marks"), new Allowance("points of outlines")];
  for (const wall of walls) {
    marks.take(wall.marks.length + wall.checks.length);
    for (const { outline, holes } of wall.regions) {
      points.take(holes.reduce((sum, hole) => sum + hole.length, outline.length));
    }
    for (const { kept } of wall.prints?.flatMap(({ list }) => list) ?? [])
      points.take(kept?.flatMap(({ contours }) => contours).reduce((sum, ring) => sum + ring.length, 0));
  }
  return walls;
}

/** One wall of the plan document as it lies: what was noticed without working anything out, no ways that it could be else. */
function describeWall(job: TellingInput, taping: Taping, wall: OrderedWall): PlanWall {
  const speech = speechOf(job);
  const { laid, surface, level, marks, checks } = wall;
  const shared = {
    id: wall.wall.id,
    surface_m2: wall.surfaceM2,
    outline: cornersOfWall(wall.wall).map(toPoint),
    survey:
      surface && level && describeSurvey(job, surface, level, wall.tapers, laid?.pattern.lines ?? [], speech),
    preparation: describePreparation(wall),
    peel: describePeel(job, wall, speech),
    findings: wall.findings.map((finding) => speakFinding(finding, speech)),
  };
  if (!laid) return { ...shared, ...nothingLaid };
  const pattern = describePattern(job, laid.pattern);
  const lineIds = new Map(laid.pattern.lines.map(({ line, id }) => [line, id]));
  return {
    ...shared,
    ...pattern,
    ordinates: describeOrdinates(job, wall),
    level: describeLevel(job, level!, marks),
    marks: marks.map((mark) => describeMark(mark, job, lineIds)),
    checks: checks.map((mark) => describeMark(mark, job, lineIds)),
    tape: describeTape(wall, taping, pattern.lines),
    byHand_m: metresBy("cut", wall),
    ...(metresBy("float", wall) > 0 && { floated_m: metresBy("float", wall) }),
    fit: null,
    ...(wall.closes && { closes: [...wall.closes] }),
    ...describeLater(job, wall, speech),
    ...describeBricks(wall),
    ...describeSheets(wall),
    ...describePrints(wall),
    offers: [],
  };
}

/** What of a wall hangs on the work: when its tape is laid and comes off, how long its prints take, and coats of broken colour. */
const timedLater = (told: PlanWall, work: TimedWork, times: TapeTimes) => ({
  tape: timeTape(told, times),
  ...timePrints(told, work.steps, work.loads),
  ...describeCoats(told.id, work.own),
});

/** Of that what may differ while the wall does not: its sections hang on the wall alone. */
const keyOfLater = ({ tape, prints, coats }: ReturnType<typeof timedLater>) => [
  tape.flatMap(({ laidIn, offIn }) => [laidIn, offIn]),
  prints?.map(({ minutes, list }) => [minutes, list.map(({ load }) => load)]),
  coats?.map((coat) => ({ ...coat, sections: coat.sections.map(({ id, minutes }) => [id, minutes]) })),
];

/** A wall that has been told, with what cures what was noticed, the other ways to lay it out, and what hangs on the work. */
function withAdvice(
  told: PlanWall,
  later: ReturnType<typeof timedLater>,
  job: TellingInput,
  wall: OrderedWall,
): PlanWall {
  const speech = speechOf(job);
  const advice = wall.advice();
  const findings = advice.findings.map((finding) => speakFinding(finding, speech));
  if (!wall.laid) return { ...told, findings };
  return {
    ...told,
    findings,
    fit: describeFit(job, advice, wall, speech),
    ...later,
    offers: describeOffers(advice, job, speech),
  };
}

/** A wall without a pattern. */
const nothingLaid = {
  radii: [],
  ordinates: [],
  diagonals: [],
  regions: [],
  lines: [],
  level: null,
  marks: [],
  checks: [],
  tape: [],
  byHand_m: 0,
  fit: null,
  offers: [],
};

const metresBy = (how: Handwork, { tape }: OrderedWall): number =>
  tape.reduce((sum, { byHand, length }) => sum + (byHand === how ? length / 1000 : 0), 0);

/** The outlines of a face, arcs flattened as finely as its size asks for. */
function ringsOf(face: Face): Pick<PlanRegion, "outline" | "holes"> {
  const within = flatteningOf(face);
  const ring = (contour: Contour) => flattenContour(contour, within).map(toPoint);
  return { outline: ring(face.outer), holes: face.holes.map(ring) };
}

/** What the finishes make of a wall, arcs flattened. */
function describePattern(
  { tapeDivision, units }: TellingInput,
  { regions, lines, centres, diagonals }: Pattern,
): Pick<PlanWall, "regions" | "lines" | "radii" | "diagonals"> {
  const reading = (mm: number) => formatReading(roundToDivision(mm, tapeDivision), units);
  return {
    regions: regions.map(({ id, colour, face, name, noun, numbers, finish, at }) => ({
      id,
      colour,
      area_m2: face.area / 1e6,
      ...ringsOf(face),
      name,
      noun,
      numbers: [...numbers],
      finish,
      label: toPoint(at),
    })),
    lines: lines.map(({ id, finish, key, index, kind, path, use, between }) => ({
      id,
      finish,
      key,
      index,
      kind,
      path: [toPoint(path.a), toPoint(path.b)],
      use,
      ...(between && { between: [...between] as [string, string] }),
    })),
    radii: centres.flatMap(({ centre, radii }) =>
      radii.map((radius, place) => ({
        centre: toPoint(centre),
        radius,
        reading: reading(radius),
        ...(place > 0 && { shorter: reading(radii[place - 1]! - radius) }),
      })),
    ),
    diagonals: diagonals.map(({ use, from, to }) => ({
      use,
      from: toPoint(from),
      to: toPoint(to),
      length: distance(from, to),
      reading: reading(distance(from, to)),
    })),
  };
}

const describeOrdinates = ({ units }: TellingInput, { ordinates }: OrderedWall): PlanWall["ordinates"] =>
  ordinates.map(({ centre, points, ...curve }) => ({
    ...curve,
    centre: toPoint(centre),
    points: points.map(({ x, y, along, up }) => ({
      x,
      y,
      along: formatReading(along, units),
      up: formatReading(up, units),
    })),
  }));

function describePeel({ edges }: TellingInput, { wall }: OrderedWall, speech: Speech): PlanWall["peel"] {
  const { when, why } = choosePeel(wall.texture, edges);
  const reason: Reason =
    why === "asked" ? { code: "peel-asked", values: { when } } : { code: `peel-${why}`, values: {} };
  return { when, why: describeReason(reason, speech) };
}

/** Where the level line stands; on a quick wall it is struck only where something is marked along it. */
function describeLevel(
  job: TellingInput,
  { at }: LevelLineAdvice,
  marks: readonly Mark[],
): PlanWall["level"] {
  if (!marks.some((mark) => mark.on === "level")) return null;
  return { at, reading: formatReading(at, job.units) };
}

/** `lineIds`: the wall's lines by what they are called on every wall. */
function describeMark(mark: Mark, { units }: TellingInput, lineIds: ReadonlyMap<string, string>): PlanMark {
  const { id, on, axis, at, reading, error, use, carriedFrom } = mark;
  const line = lineIds.get(mark.line);
  return {
    id,
    ...(line !== undefined && { line }),
    on,
    axis,
    at,
    reading: formatReading(reading, units),
    error,
    use,
    ...(carriedFrom && { carriedFrom }),
  };
}
