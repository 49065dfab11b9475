import type { Plan, PlanPoint, PlanWall } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { flattenContour } from "@/core/geometry/flatten";
import { boxOfWall } from "@/core/wall/boxOfWall";
import { tintsOf } from "@/core/pattern/tintsOf";
import { openingContour } from "@/core/wall/openingContour";
import type { Wall } from "@/core/wall/schema";

/** What the list of jobs tells of one. */
export interface TileFigures {
  readonly walls: number;
  readonly toDecide: number;
  readonly stops: number;
  /** Days of work; null where they are not planned. */
  readonly days: number | null;
  readonly cost: number;
  readonly currency: string;
  /** Why nothing of it was worked out; null where it was. */
  readonly trouble: string | null;
}

export function tileFigures(job: Job, plan: Plan): TileFigures {
  const findings = [...plan.findings, ...plan.walls.flatMap((wall) => wall.findings)];
  const count = (severity: string) => findings.filter((finding) => finding.severity === severity).length;
  return {
    walls: job.walls.length,
    toDecide: count("check"),
    stops: count("stop"),
    days: plan.work?.days ?? null,
    cost: plan.cost.total,
    currency: job.currency,
    trouble: unplanned(plan),
  };
}

/** Why nothing of a job was worked out. */
function unplanned({ walls }: Plan): string | null {
  const stop = walls[0]?.findings.find(({ code }) => code === "cannot-be-planned" || code === "too-much");
  return stop?.say ?? null;
}

const mostWalls = 5;
/** Characters of one wall's pieces: the largest pieces are drawn, what is finer than that could not be seen anyway. */
const mostPerWall = 9000;
const betweenMm = 350;

/** The first walls of a job in little, side by side and to one scale, as SVG; the pieces of a colour are one path. */
export function drawTile(job: Job, plan: Plan): string {
  const walls = job.walls.slice(0, mostWalls);
  const boxes = walls.map(boxOfWall);
  const high = Math.max(1, ...boxes.map(({ minY, maxY }) => maxY - minY));
  let left = 0;
  const drawn = walls.map((wall, index) => {
    const { minX, maxX, minY } = boxes[index]!;
    const origin: PlanPoint = [left - minX, high + minY];
    left += maxX - minX + betweenMm;
    const planned = plan.walls.find(({ id }) => id === wall.id);
    return drawWall(job, wall, planned, ([x, y]) => [Math.round(origin[0] + x), Math.round(origin[1] - y)]);
  });
  const wide = Math.max(1, Math.round(left - betweenMm));
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${wide} ${Math.round(high)}" width="${wide / 20}" height="${Math.round(high) / 20}">${drawn.join("")}</svg>`;
}

type Place = (point: PlanPoint) => PlanPoint;

function drawWall(job: Job, wall: Wall, planned: PlanWall | undefined, place: Place): string {
  const hexOf = (id: string) => job.paints.find((paint) => paint.id === id)?.hex ?? "#ffffff";
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const outline: PlanPoint[] = planned?.outline ?? [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ];
  const paths = new Map<string, string>([[hexOf(wall.base), ""]]);
  let room = mostPerWall;
  // What is left in base is there already.
  const painted = (planned?.regions ?? []).filter(({ colour }) => colour !== wall.base);
  for (const { colour, outline: ring, holes } of largestFirst(painted)) {
    const d = [ring, ...holes].map((points) => ringOf(points, place)).join("");
    room -= d.length;
    if (room < 0) break;
    paths.set(hexOf(colour), (paths.get(hexOf(colour)) ?? "") + d);
  }
  const openings = wall.openings.map((opening) =>
    ringOf(
      flattenContour(openingContour(opening, opening.casing)).map(({ x, y }): PlanPoint => [x, y]),
      place,
    ),
  );
  return [
    `<path fill="${hexOf(wall.base)}" d="${ringOf(outline, place)}"/>`,
    ...[...paths].map(([hex, d]) => (d === "" ? "" : `<path fill="${hex}" fill-rule="evenodd" d="${d}"/>`)),
    planned ? overlays(planned, hexOf, [minY, maxY], place) : "",
    openings.length === 0
      ? ""
      : `<path fill="#f7f3ea" stroke="#8b8074" stroke-width="12" d="${openings.join("")}"/>`,
    `<path fill="none" stroke="#2b1f33" stroke-opacity=".5" stroke-width="16" d="${ringOf(outline, place)}"/>`,
  ].join("");
}

/** Characters of the bricks of one wall; beyond that the lower ones are left out. */
const mostOfBricks = 11_000;

/** What lies on the pieces: tints of broken colour, sheets of paper, bricks by their tones. */
function overlays(
  { regions, effects = [], sheets = [], bricks = [] }: PlanWall,
  hexOf: (paint: string) => string,
  [minY, maxY]: readonly [number, number],
  place: Place,
): string {
  const byId = new Map(regions.map((region) => [region.id, region]));
  const box = (x: number, y: number, width: number, height: number) => {
    const [left, top] = place([x, y + height]);
    return `M${left} ${top}h${Math.round(width)}v${Math.round(height)}h${-Math.round(width)}z`;
  };
  const tinted = effects.flatMap((effect) => {
    const rings = effect.regions.flatMap((id) => [byId.get(id)!.outline, ...byId.get(id)!.holes]);
    const d = rings.map((ring) => ringOf(ring, place)).join("");
    if (d === "" || d.length > mostPerWall) return [];
    return tintsOf(effect).map(
      ({ paint, opacity }) =>
        `<path fill="${hexOf(paint)}" fill-opacity="${opacity.toFixed(2)}" fill-rule="evenodd" d="${d}"/>`,
    );
  });
  const papered = sheets.map(
    ({ hex, drops }) =>
      `<path fill="${hex}" stroke="#6b6070" stroke-width="6" d="${drops.map(({ from, to }) => box(from, minY, to - from, maxY - minY)).join("")}"/>`,
  );
  let room = mostOfBricks;
  const tones = new Map<string, string>();
  for (const { tone, box: face } of bricks.flatMap(({ list }) => list)) {
    const d = box(...face);
    if ((room -= d.length) < 0) break;
    tones.set(tone, (tones.get(tone) ?? "") + d);
  }
  const laid = [...tones].map(([tone, d]) => `<path fill="${hexOf(tone)}" d="${d}"/>`);
  return [...tinted, ...papered, ...laid].join("");
}

const largestFirst = (regions: PlanWall["regions"]) => [...regions].sort((a, b) => b.area_m2 - a.area_m2);

/** Finer than this could not be seen, mm. */
const leastStepMm = 40;

function ringOf(points: readonly PlanPoint[], place: Place): string {
  const kept: PlanPoint[] = [];
  for (const point of points) {
    const last = kept.at(-1);
    if (!last || Math.abs(point[0] - last[0]) + Math.abs(point[1] - last[1]) >= leastStepMm) kept.push(point);
  }
  return `M${kept.map((point) => place(point).join(" ")).join("L")}Z`;
}
