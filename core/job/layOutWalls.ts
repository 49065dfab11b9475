import type { Cure, Finding } from "../findings/finding";
import type { Offer } from "../fit/offer";
import type { FitReport } from "../finishes/defineCraft";
import { craftOf } from "../finishes/crafts";
import { finishOf, type AnyLayout } from "../finishes/registry";
import { checkSlivers } from "./checkSlivers";
import { cutWall, type Layer } from "../pattern/cutWall";
import type { Design, Pattern, Region, WallLine } from "../pattern/pattern";
import { once } from "../geometry/once";
import { changeOf, keepCures } from "./keepCures";
import { adviseLevelLine, checkLevelLine, type LevelLineAdvice } from "../setout/adviseLevelLine";
import { checkEdges } from "../setout/checkEdges";
import { checkTapers, listTapers, type LineTaper } from "../setout/checkTapers";
import { listMarks, type Mark } from "../setout/listMarks";
import { listOrdinates, type Ordinates } from "../setout/listOrdinates";
import { checkObject } from "./checkObject";
import { checkRuns } from "./checkRuns";
import { checkSurvey } from "../wall/checkSurvey";
import { tinyFaceMm2 } from "../trade/constants";
import { joinOfRoom } from "../wall/joinOfRoom";
import { partAt, type Strip } from "../wall/strip";
import { buildSurface, type Surface } from "../wall/surface";
import type { Wall } from "../wall/schema";
import type { SideName } from "../wall/wallShape";
import type { LayoutInput } from "./layoutInput";
import type { JobFinish } from "./schema";
import { stripOn, wallsOfFinish } from "./wallsOfFinish";

/** A wall with its finishes laid out on it. */
export interface LaidOutWall {
  readonly wall: Wall;
  /** Null when a stop keeps the wall from being built. */
  readonly surface: Surface | null;
  /** Null when a stop keeps the wall, or a finish on it, from being laid out. */
  readonly laid: { readonly surface: Surface; readonly pattern: Pattern } | null;
  readonly surfaceM2: number;
  readonly tapers: readonly LineTaper[];
  /** The finishes on it, the lowest first, with their strips. */
  readonly finishes: readonly LaidFinish[];
  /** Between which two walls of its room patterns that go around have their join; null on an open run. */
  readonly closes: readonly [string, string] | null;
  /** Where its level line is or should be struck; null where there is no surface. */
  readonly level: LevelLineAdvice | null;
  readonly marks: readonly Mark[];
  /** Marks repeated at the far edge, to prove them. */
  readonly checks: readonly Mark[];
  readonly ordinates: readonly Ordinates[];
  /** What was noticed; the changes that cure it are found with the advice. */
  readonly findings: readonly Finding[];
  /** What else could be done: worked out when it is first asked for, since no drawing hangs on it. */
  readonly advice: () => Advice;
}

export interface Advice {
  /** All that was noticed, with the changes that are known to cure it. */
  readonly findings: readonly Finding[];
  /** The division of the finish on top, and where its strip's x = 0 lies on this wall. */
  readonly fit: { readonly finish: string; readonly report: FitReport; readonly offset: number } | null;
  readonly offers: readonly { readonly finish: string; readonly offer: Offer }[];
}

/** What a wall has none of until something is laid out on it. */
export const bareWall = {
  laid: null,
  tapers: [],
  closes: null,
  finishes: [],
  marks: [],
  checks: [],
  ordinates: [],
} as const;

/** A wall with nothing but what was noticed about it. */
export const onlyFindings = (findings: readonly Finding[]): Pick<LaidOutWall, "findings" | "advice"> => ({
  findings,
  advice: () => ({ findings, fit: null, offers: [] }),
});

/** A finish on the strip of walls that it is laid on. */
export interface LaidFinish {
  readonly finish: JobFinish;
  readonly strip: Strip;
  /** Null where none of its walls could be built. */
  readonly layout: AnyLayout | null;
  readonly checks: readonly Finding[];
  /** The same with the changes that cure them, tried. */
  readonly cured: () => readonly Finding[];
  readonly isStopped: boolean;
  /** The lowest first. */
  readonly designs: readonly Design[];
}

/** Survey to pattern for walls that hang together: surfaces, regions and lines, and what was noticed on the way. */
export function layOutWalls(input: LayoutInput): LaidOutWall[] {
  const { walls } = input;
  const built = new Map(walls.map((wall) => [wall.id, { wall, ...buildSurface(wall) }]));
  const surfaceOf = (wall: Wall) => built.get(wall.id)!.surface;
  const ids = new Set(walls.map(({ id }) => id));
  const laid = input.finishes
    .filter((finish) => wallsOfFinish(input, finish).some(({ id }) => ids.has(id)))
    .map((finish) => layFinish(input, finish, stripOn(input, finish, surfaceOf)));
  return walls.map((wall) => {
    const { surface, findings } = built.get(wall.id)!;
    const here = laid.filter(({ strip }) => strip.parts.some((part) => part.wall.id === wall.id));
    return layOutWall(input, wall, surface, findings, here);
  });
}

function layFinish(input: LayoutInput, finish: JobFinish, strip: Strip): LaidFinish {
  if (strip.corners.length === 0)
    return { finish, strip, layout: null, checks: [], cured: () => [], isStopped: true, designs: [] };
  const craft = craftOf(finish.kind);
  const layout = finishOf(finish.kind).layOut(finish, strip, input);
  const checks = craft.check(layout);
  const isStopped = checks.some((finding) => finding.severity === "stop");
  return {
    finish,
    strip,
    layout,
    checks,
    cured: once(() => keepCures(finish, strip, input, checks)),
    isStopped,
    designs: isStopped ? [] : craft.design(layout),
  };
}

function layOutWall(
  input: LayoutInput,
  wall: Wall,
  surface: Surface | null,
  findings: readonly Finding[],
  finishes: readonly LaidFinish[],
): LaidOutWall {
  if (!surface) return { ...bareWall, wall, surface, level: null, surfaceM2: 0, ...onlyFindings(findings) };
  const level = adviseLevelLine(surface, input.tapeDivision);
  const bare = {
    ...bareWall,
    wall,
    surface,
    level,
    surfaceM2: surface.area / 1e6,
    closes: closesAt(input, wall),
  };
  const survey = checkSurvey(surface, input.viewingDistance);
  const aboutLevel = checkLevelLine(level, wall.survey !== undefined);
  const runs = [...checkRuns(input, wall), ...checkObject(input, wall)];
  const listed = (checksOf: (finish: LaidFinish) => readonly Finding[], more: readonly Finding[]) => [
    ...findings,
    ...survey,
    ...runs,
    ...finishes.flatMap((finish) => listedOf(distinct(findingsOn(wall, finish, checksOf(finish))))),
    ...more,
    ...aboutLevel,
  ];
  const noticed = (more: readonly Finding[], others: () => Omit<Advice, "findings">) => ({
    findings: listed(({ checks }) => checks, more),
    advice: once(() => ({ findings: listed(({ cured }) => cured(), more), ...others() })),
  });
  if (finishes.some(({ isStopped }) => isStopped))
    return { ...bare, ...noticed([], () => ({ fit: null, offers: [] })) };
  const layers = finishes.flatMap(({ finish, designs, strip }) =>
    designs.map((design): Layer => ({ finish: finish.id, design, offset: offsetOf(wall, strip) })),
  );
  const pattern = cutWall(surface, layers);
  const tapers = listTapers(pattern.lines, surface, input.viewingDistance);
  const slivers = checkSlivers(pattern);
  return {
    ...bare,
    laid: { surface, pattern },
    finishes,
    ...listMarks(pattern, surface, input.tapeDivision),
    ordinates: listOrdinates(pattern, surface, input.tapeDivision),
    tapers,
    ...noticed(
      [
        ...checkEdges(
          pattern,
          surface,
          finishes.flatMap((finish) => findingsOn(wall, finish, finish.checks)),
        ),
        ...checkTapers(tapers, input.viewingDistance, (line, side) => followOf(finishes, line, side)),
        ...slivers.findings,
        ...checkTinyFaces(pattern, slivers.told),
        ...checkTexture(wall, pattern),
      ],
      () => otherWays(wall, finishes),
    ),
  };
}

function closesAt({ runs, walls }: LayoutInput, { id }: Wall): LaidOutWall["closes"] {
  const room = runs.find(({ closes, walls: ids }) => closes && ids.includes(id));
  return room ? joinOfRoom(room, walls) : null;
}

/** How the finish on top divides the wall and could otherwise, and what the finishes offer. */
function otherWays(wall: Wall, finishes: readonly LaidFinish[]): Omit<Advice, "findings"> {
  const top = finishes.at(-1);
  const report = top?.layout && craftOf(top.finish.kind).fit?.(top.layout);
  return {
    fit: report ? { finish: top.finish.id, report, offset: offsetOf(wall, top.strip) } : null,
    offers: finishes.flatMap(({ finish, layout }) =>
      (layout ? (craftOf(finish.kind).offers?.(layout) ?? []) : []).map((offer) => ({
        finish: finish.id,
        offer,
      })),
    ),
  };
}

/** So many findings of one kind are read; what stands behind more is the pattern as a whole. */
const mostAlike = 30;

/** The first findings of each kind, and how many more there are. */
function listedOf(findings: readonly Finding[]): Finding[] {
  const counts = new Map<string, number>();
  const listed = findings.filter(({ code }) => {
    const count = (counts.get(code) ?? 0) + 1;
    counts.set(code, count);
    return count <= mostAlike;
  });
  for (const [code, count] of counts) {
    if (count <= mostAlike) continue;
    const values = { code, count: count - mostAlike };
    const { severity } = findings.find((finding) => finding.code === code)!;
    listed.push({ code: "more-alike", severity, values, at: null });
  }
  return listed;
}

/** Several stops on one wall of a run tell the others the same. */
const distinct = (findings: readonly Finding[]): Finding[] =>
  findings.filter(
    ({ code, values }, index) =>
      code !== "stopped-elsewhere" ||
      index ===
        findings.findIndex(
          (other) => other.code === code && JSON.stringify(other.values) === JSON.stringify(values),
        ),
  );

/** The change that lets a line's finish follow a floor or ceiling that is out. */
function followOf(finishes: readonly LaidFinish[], line: WallLine, side: SideName): Cure | null {
  const laid = finishes.find(({ finish }) => finish.id === line.finish);
  if (!laid?.layout || side === "left" || side === "right") return null;
  const cure = craftOf(laid.finish.kind).follow?.(laid.layout, side) ?? null;
  return cure && changeOf(laid.finish, cure) ? cure : null;
}

/** Taped edges on a wall whose texture lets paint creep under tape. */
function checkTexture({ texture }: Wall, { regions }: Pattern): Finding[] {
  const isTaped = new Set(regions.map(({ colour }) => colour)).size > 1;
  if (!isTaped || texture === "smooth" || texture === "light") return [];
  const severity = texture === "boards" ? "note" : "check";
  return [{ code: "texture-bleeds", severity, values: { texture }, at: null }];
}

/** Pieces too small to paint by themselves; they are kept, so that areas add up. */
function checkTinyFaces({ regions }: Pattern, told: ReadonlySet<Region>): Finding[] {
  return regions
    .filter((region) => region.face.area < tinyFaceMm2 && !told.has(region))
    .map(({ face, at, name }): Finding => ({
      code: "tiny-face",
      severity: "note",
      values: { areaMm2: face.area, name },
      at,
    }));
}

const offsetOf = (wall: Wall, { parts }: Strip): number =>
  parts.find((part) => part.wall.id === wall.id)!.offset;

/**
 * What a finish noticed on this wall: a stop without a place on all its walls, the rest where it is seen, else on its
 * first wall. A wall that loses its plan to a stop on another says which that is.
 */
function findingsOn(wall: Wall, { strip }: LaidFinish, checks: readonly Finding[]): Finding[] {
  const offset = offsetOf(wall, strip);
  const first = strip.parts.find(({ surface }) => surface)?.wall.id;
  return checks.flatMap((finding): Finding[] => {
    const { at } = finding;
    const place = at && partAt(strip, at.x).wall.id;
    if (place !== null && place !== wall.id) {
      const isStop = finding.severity === "stop";
      return isStop
        ? [{ code: "stopped-elsewhere", severity: "stop", values: { wall: place }, at: null }]
        : [];
    }
    if (!at && finding.severity !== "stop" && wall.id !== first) return [];
    return [at && offset !== 0 ? { ...finding, at: { x: at.x - offset, y: at.y } } : finding];
  });
}
