import type { Cure, Finding } from "../findings/finding";
import type { Offer } from "../fit/offer";
import type { FitReport } from "../finishes/defineFinish";
import { finishOf } from "../finishes/registry";
import { cutWall, type Layer } from "../pattern/cutWall";
import type { Design, Pattern, WallLine } from "../pattern/pattern";
import { checkTapers, listTapers, type LineTaper } from "../setout/checkTapers";
import { checkSurvey } from "../wall/checkSurvey";
import { tinyFaceMm2 } from "../trade/constants";
import { joinWalls, partAt, type Strip } from "../wall/strip";
import { buildSurface, type Surface } from "../wall/surface";
import type { Wall } from "../wall/schema";
import type { SideName } from "../wall/wallShape";
import type { Job, JobFinish } from "./schema";

/** A wall with its finishes laid out on it. */
export interface LaidOutWall {
  readonly wall: Wall;
  /** Null when a stop keeps the wall from being built. */
  readonly surface: Surface | null;
  /** Null when a stop keeps the wall, or a finish on it, from being laid out. */
  readonly laid: { readonly surface: Surface; readonly pattern: Pattern } | null;
  readonly surfaceM2: number;
  /** The division of the finish on top, and where its strip's x = 0 lies on this wall. */
  readonly fit: { readonly finish: string; readonly report: FitReport; readonly offset: number } | null;
  readonly offers: readonly { readonly finish: string; readonly offer: Offer }[];
  readonly tapers: readonly LineTaper[];
  readonly findings: readonly Finding[];
}

/** A finish on the strip of walls that it is laid on. */
interface LaidFinish {
  readonly finish: JobFinish;
  readonly strip: Strip;
  readonly checks: readonly Finding[];
  readonly isStopped: boolean;
  readonly offers: readonly Offer[];
  /** The lowest first. */
  readonly designs: readonly Design[];
}

/** Survey to pattern for walls that hang together: surfaces, regions and lines, and what was noticed on the way. */
export function layOutWalls(job: Job, walls: readonly Wall[]): LaidOutWall[] {
  const built = new Map(walls.map((wall) => [wall.id, { wall, ...buildSurface(wall) }]));
  const surfaceOf = (wall: Wall) => built.get(wall.id)!.surface;
  const ids = new Set(walls.map(({ id }) => id));
  const laid = job.finishes
    .filter((finish) => wallsOfFinish(job, finish).some(({ id }) => ids.has(id)))
    .map((finish) => layFinish(job, finish, joinWalls(wallsOfFinish(job, finish), surfaceOf)));
  return walls.map((wall) => {
    const { surface, findings } = built.get(wall.id)!;
    const here = laid.filter(({ strip }) => strip.parts.some((part) => part.wall.id === wall.id));
    return layOutWall(job, wall, surface, findings, here);
  });
}

/** The walls that a finish is laid on, in the order of the run. */
export function wallsOfFinish(job: Job, { on }: Pick<JobFinish, "on">): Wall[] {
  const ids = job.runs.find((run) => run.id === on)?.walls ?? [on];
  return ids.map((id) => job.walls.find((wall) => wall.id === id)!);
}

/** Whether a finish lies on a wall, by itself or as part of a run. */
export const isOnWall = (job: Job, finish: Pick<JobFinish, "on">, wallId: string): boolean =>
  wallsOfFinish(job, finish).some(({ id }) => id === wallId);

/** The strip that a finish is laid on, for the screens that edit it. */
export const stripOfFinish = (job: Job, finish: Pick<JobFinish, "on">): Strip =>
  joinWalls(wallsOfFinish(job, finish), (wall) => buildSurface(wall).surface);

function layFinish(job: Job, finish: JobFinish, strip: Strip): LaidFinish {
  if (strip.corners.length === 0)
    return { finish, strip, checks: [], isStopped: true, offers: [], designs: [] };
  const definition = finishOf(finish.kind);
  const checks = definition.check(finish, strip, job);
  const isStopped = checks.some((finding) => finding.severity === "stop");
  return {
    finish,
    strip,
    checks,
    isStopped,
    offers: isStopped ? [] : (definition.offers?.(finish, strip, job) ?? []),
    designs: isStopped ? [] : definition.design(finish, strip, job),
  };
}

function layOutWall(
  job: Job,
  wall: Wall,
  surface: Surface | null,
  findings: readonly Finding[],
  finishes: readonly LaidFinish[],
): LaidOutWall {
  const bare = { wall, surface, laid: null, fit: null, offers: [], tapers: [] };
  if (!surface) return { ...bare, surfaceM2: 0, findings };
  const surfaceM2 = surface.area / 1e6;
  const survey = checkSurvey(surface, job.viewingDistance);
  const checks = finishes.flatMap((finish) => findingsOn(wall, finish));
  const all = [...findings, ...survey, ...checks];
  if (finishes.some(({ isStopped }) => isStopped)) return { ...bare, surfaceM2, findings: all };
  const layers = finishes.flatMap(({ finish, designs, strip }) =>
    designs.map((design): Layer => ({ finish: finish.id, design, offset: offsetOf(wall, strip) })),
  );
  const pattern = cutWall(surface, layers);
  const tapers = listTapers(pattern.lines, surface, job.viewingDistance);
  const top = finishes.at(-1);
  const report = top && finishOf(top.finish.kind).fit(top.finish, top.strip, job);
  return {
    wall,
    surface,
    laid: { surface, pattern },
    surfaceM2,
    fit: top && report ? { finish: top.finish.id, report, offset: offsetOf(wall, top.strip) } : null,
    offers: finishes.flatMap(({ finish, offers }) => offers.map((offer) => ({ finish: finish.id, offer }))),
    tapers,
    findings: [
      ...all,
      ...checkTapers(tapers, job.viewingDistance, (line, side) => followOf(finishes, line, side)),
      ...checkTinyFaces(pattern),
      ...checkTexture(wall, pattern),
    ],
  };
}

/** The change that lets a line's finish follow a floor or ceiling that is out. */
function followOf(finishes: readonly LaidFinish[], line: WallLine, side: SideName): Cure | null {
  const laid = finishes.find(({ finish }) => finish.id === line.finish);
  if (!laid || side === "left" || side === "right") return null;
  return finishOf(laid.finish.kind).follow?.(laid.finish, laid.strip, side) ?? null;
}

/** Taped edges on a wall whose texture lets paint creep under tape. */
function checkTexture({ texture }: Wall, { regions }: Pattern): Finding[] {
  const isTaped = new Set(regions.map(({ colour }) => colour)).size > 1;
  if (!isTaped || texture === "smooth" || texture === "light") return [];
  const severity = texture === "boards" ? "note" : "check";
  return [{ code: "texture-bleeds", severity, values: { texture }, at: null }];
}

/** Pieces too small to paint by themselves; they are kept, so that areas add up. */
function checkTinyFaces({ regions }: Pattern): Finding[] {
  return regions
    .filter(({ face }) => face.area < tinyFaceMm2)
    .map(({ face, at, name }): Finding => ({
      code: "tiny-face",
      severity: "note",
      values: { areaMm2: face.area, name },
      at,
    }));
}

const offsetOf = (wall: Wall, { parts }: Strip): number =>
  parts.find((part) => part.wall.id === wall.id)!.offset;

/** What a finish noticed on this wall: stops on all its walls, the rest where it is seen, else on its first wall. */
function findingsOn(wall: Wall, { checks, strip }: LaidFinish): Finding[] {
  const offset = offsetOf(wall, strip);
  const first = strip.parts.find(({ surface }) => surface)?.wall.id;
  return checks.flatMap((finding): Finding[] => {
    const { at } = finding;
    if (at && partAt(strip, at.x).wall.id !== wall.id) return [];
    if (!at && finding.severity !== "stop" && wall.id !== first) return [];
    return [at && offset !== 0 ? { ...finding, at: { x: at.x - offset, y: at.y } } : finding];
  });
}
