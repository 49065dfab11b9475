import type { Finding } from "../findings/finding";
import type { FitReport } from "../finishes/defineFinish";
import { finishOf } from "../finishes/registry";
import { partitionSurface } from "../pattern/partition";
import type { Pattern } from "../pattern/pattern";
import { buildSurface, type Surface } from "../wall/surface";
import type { Wall } from "../wall/schema";
import type { Job, JobFinish } from "./schema";

/** A wall with its finishes laid out on it. */
export interface LaidOutWall {
  readonly wall: Wall;
  /** Null when a stop keeps the wall from being laid out. */
  readonly laid: { readonly surface: Surface; readonly pattern: Pattern } | null;
  readonly surfaceM2: number;
  readonly fit: { readonly finish: string; readonly report: FitReport } | null;
  readonly findings: readonly Finding[];
}

/** Survey to pattern: the surface, the regions and lines of its finishes, and what was noticed on the way. */
export function layOutWall(job: Job, wall: Wall): LaidOutWall {
  const { surface, findings } = buildSurface(wall);
  if (!surface) return { wall, laid: null, surfaceM2: 0, fit: null, findings };
  const surfaceM2 = surface.area / 1e6;
  const finishes = job.finishes.filter((finish) => finish.on === wall.id);
  const checks = finishes.flatMap((finish) => finishOf(finish.kind).check(finish, surface, job));
  const all = [...findings, ...checks];
  if (checks.some((finding) => finding.severity === "stop")) {
    return { wall, laid: null, surfaceM2, fit: null, findings: all };
  }
  const top = finishes.at(-1);
  const report = top && finishOf(top.kind).fit(top, surface, job);
  return {
    wall,
    laid: { surface, pattern: flattenFinishes(job, surface, finishes) },
    surfaceM2,
    fit: top && report ? { finish: top.id, report } : null,
    findings: all,
  };
}

/** Every finish so far covers the whole surface, so the last one is what is seen. Without any, all is base. */
function flattenFinishes(job: Job, surface: Surface, finishes: readonly JobFinish[]): Pattern {
  const top = finishes.at(-1);
  if (top) return finishOf(top.kind).pattern(top, surface, job);
  const { id, base } = surface.wall;
  const whole = { key: "wall", name: "the wall", colour: base };
  return { ...partitionSurface(surface, [], id, () => whole), lines: [], findings: [] };
}
