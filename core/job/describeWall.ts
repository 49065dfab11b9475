import { describeOfferTitle } from "../findings/offerTitles";
import { describeReason, type Reason } from "../findings/reasons";
import type { Speech } from "../findings/speech";
import type { Candidate } from "../fit/candidates";
import { worstReadingError } from "../fit/proof";
import { flattenContour, flattenPath } from "../geometry/flatten";
import { distance, type Point } from "../geometry/point";
import { formatReading } from "../measure/formatReading";
import { roundToDivision } from "../measure/roundToDivision";
import type { Pass } from "../rounds/listPasses";
import { tapeOfPass } from "./passes";
import { adviseLevelLine, checkLevelLine, type LevelLineAdvice } from "../setout/adviseLevelLine";
import { listOrdinates } from "../setout/listOrdinates";
import { listMarks, type Mark } from "../setout/listMarks";
import { isByHand, isCurved } from "../tape/isCurved";
import { choosePeel, sealEdge } from "../tape/sealEdge";
import { cornersOfWall } from "../wall/boxOfWall";
import { describePreparation, describeSurvey } from "./describeSurvey";
import type { OrderedWall } from "./orderWalls";
import { speakFinding } from "./speakFinding";
import type { PlanCandidate, PlanFit, PlanMark, PlanPoint, PlanTape, PlanWall } from "./planTypes";
import type { Job } from "./schema";

const toPoint = ({ x, y }: Point): PlanPoint => [x, y];

/** What was made of each wall last, for as long as the wall itself is kept. */
const kept = new WeakMap<OrderedWall, { readonly key: string; readonly described: PlanWall }>();

/**
 * The walls of the plan document. A wall that was laid out and ordered before, and is the same object still, is not described
 * again while what it is told in stays: units, tape, names, coats and passes.
 */
export function describeWalls(
  job: Job,
  walls: readonly OrderedWall[],
  passes: readonly Pass[],
  speech: Speech,
): PlanWall[] {
  const { units, currency, tapeDivision, viewingDistance, edges } = job;
  const names = [
    job.paints.map(({ id, name, coats }) => [id, name, coats]),
    job.walls.map(({ id, name }) => [id, name]),
  ];
  const key = JSON.stringify([units, currency, tapeDivision, viewingDistance, edges, names, passes]);
  return walls.map((wall) => {
    const before = kept.get(wall);
    if (before?.key === key) return before.described;
    const described = describeWall(job, wall, passes, speech);
    kept.set(wall, { key, described });
    return described;
  });
}

/** One wall of the plan document. */
function describeWall(job: Job, wall: OrderedWall, passes: readonly Pass[], speech: Speech): PlanWall {
  const { laid, surface } = wall;
  const level = surface && adviseLevelLine(surface, job.tapeDivision);
  const shared = {
    id: wall.wall.id,
    surface_m2: wall.surfaceM2,
    outline: cornersOfWall(wall.wall).map(toPoint),
    survey: surface && level && describeSurvey(job, surface, level, wall.tapers, speech),
    preparation: describePreparation(wall.wall),
    peel: describePeel(job, wall, speech),
    findings: [...wall.findings, ...checkLevelLine(level, wall.wall.survey !== undefined)].map((finding) =>
      speakFinding(finding, speech),
    ),
  };
  if (!laid)
    return {
      ...shared,
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
  const { marks, checks } = listMarks(laid.pattern, laid.surface, job.tapeDivision);
  return {
    ...shared,
    regions: laid.pattern.regions.map(({ id, colour, face, name, at }) => ({
      id,
      colour,
      area_m2: face.area / 1e6,
      outline: flattenContour(face.outer).map(toPoint),
      holes: face.holes.map((hole) => flattenContour(hole).map(toPoint)),
      name,
      label: toPoint(at),
    })),
    lines: laid.pattern.lines.map(({ id, finish, index, kind, path, use }) => ({
      id,
      finish,
      index,
      kind,
      path: [toPoint(path.a), toPoint(path.b)],
      use,
    })),
    radii: laid.pattern.centres.flatMap(({ centre, radii }) =>
      radii.map((radius) => ({
        centre: toPoint(centre),
        radius,
        reading: formatReading(roundToDivision(radius, job.tapeDivision), job.units),
      })),
    ),
    diagonals: laid.pattern.diagonals.map(({ use, from, to }) => ({
      use,
      from: toPoint(from),
      to: toPoint(to),
      length: distance(from, to),
      reading: formatReading(roundToDivision(distance(from, to), job.tapeDivision), job.units),
    })),
    ordinates: listOrdinates(laid.pattern, laid.surface, job.tapeDivision).map(
      ({ centre, points, ...curve }) => ({
        ...curve,
        centre: toPoint(centre),
        points: points.map(({ x, y, along, up }) => ({
          x,
          y,
          along: formatReading(along, job.units),
          up: formatReading(up, job.units),
        })),
      }),
    ),
    level: describeLevel(job, level!, marks),
    marks: marks.map((mark) => describeMark(mark, job)),
    checks: checks.map((mark) => describeMark(mark, job)),
    tape: describeTape(job, wall, passes),
    byHand_m: wall.tape
      .filter((piece) => isByHand(piece, job.edges))
      .reduce((sum, { length }) => sum + length / 1000, 0),
    fit: describeFit(job, wall, marks, speech),
    offers: wall.offers.map(({ finish, offer: { title, reasons, tapeMm, set, ...rest } }) => ({
      finish,
      title: describeOfferTitle(title, speech),
      ...rest,
      why: reasons.map((reason) => describeReason(reason, speech)),
      ...(tapeMm !== undefined && { tape_m: tapeMm / 1000 }),
      change: { label: "Use this", finish, set },
    })),
  };
}

function describePeel({ edges }: Job, { wall }: OrderedWall, speech: Speech): PlanWall["peel"] {
  const { when, why } = choosePeel(wall.texture, edges);
  const reason: Reason =
    why === "asked" ? { code: "peel-asked", values: { when } } : { code: `peel-${why}`, values: {} };
  return { when, why: describeReason(reason, speech) };
}

/** Where the level line stands; on a quick wall it is struck only where something is marked along it. */
function describeLevel(job: Job, { at }: LevelLineAdvice, marks: readonly Mark[]): PlanWall["level"] {
  if (!marks.some((mark) => mark.on === "level")) return null;
  return { at, reading: formatReading(at, job.units) };
}

const describeMark = (mark: Mark, job: Job): PlanMark => ({
  ...mark,
  reading: formatReading(mark.reading, job.units),
});

/** Each boundary once a pass that paints its later side; masks once a pass that paints their region. */
function describeTape(job: Job, { wall, laid, tape }: OrderedWall, passes: readonly Pass[]): PlanTape[] {
  return passes.flatMap((pass) =>
    tapeOfPass(job, tape, pass)
      .map((piece, index) => ({ piece, index, sealWith: sealEdge(piece, wall.texture, job.edges) }))
      .map(({ piece, index, sealWith }): PlanTape => ({
        id: `${wall.id}/tape-${pass.round}-${index + 1}`,
        path: flattenPath(piece.path).map(toPoint),
        length: piece.length,
        lies: piece.lies,
        over: piece.over,
        ...(piece.under !== null && { overRegion: laid!.pattern.regions[piece.under]!.id }),
        ...(piece.cuts !== null && { cuts: piece.cuts }),
        ...(piece.andCuts !== null && { andCuts: piece.andCuts }),
        ...(piece.centred && { centred: true as const }),
        ...(piece.against !== null && { against: piece.against }),
        ...(piece.corner !== null && { corner: piece.corner }),
        round: pass.round,
        seal: sealWith === "colour" ? piece.over : null,
        sealWith,
        width: piece.width,
        ...(isCurved(piece) && { flexible: true as const }),
      })),
  );
}

function describeFit(
  job: Job,
  { fit, laid }: OrderedWall,
  marks: readonly Mark[],
  speech: Speech,
): PlanFit | null {
  if (!fit || !laid) return null;
  const { report, finish, offset } = fit;
  const { normal, start } = report.axis;
  const describe = (candidate: Candidate) => describeCandidate(candidate, report.colours, speech);
  const { centre } = report.chosen.divided;
  return {
    finish,
    noun: report.noun,
    axis: { normal: toPoint(normal), start: start - normal.x * offset },
    chosen: { ...describe(report.chosen), ...(centre && { centre }) },
    proof: {
      worst_mm: worstReadingError(
        marks.map((mark) => mark.at),
        job.tapeDivision,
      ),
      ...(report.steppedAtEnd !== null && { steppedAtEnd_mm: report.steppedAtEnd }),
    },
    candidates: report.candidates.map((candidate) => ({
      ...describe(candidate),
      change: { label: "Use this", finish, set: { fit: candidate.fit } },
    })),
  };
}

function describeCandidate(candidate: Candidate, colours: readonly string[], speech: Speech): PlanCandidate {
  const { count, width, ends, endWidths, verdict, score, reasons, fit, divided } = candidate;
  return {
    count,
    width,
    ends,
    endWidths: [...endWidths],
    verdict,
    score,
    why: reasons.map((reason) => describeReason(reason, speech)),
    fit,
    boundaries: divided.divisions.slice(1).map((division) => division.from),
    colours: divided.divisions.map((division) => colours[division.colour]!),
  };
}
