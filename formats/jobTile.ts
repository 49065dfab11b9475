import { encode } from "jpeg-js";
import { smallLook } from "@/core/look/smallLook";
import type { Plan, PlanPoint, PlanWall } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { poser } from "@/core/geometry/placeContour";
import { boxOfWall } from "@/core/wall/boxOfWall";
import { walkWall, type DrawnRegion } from "@/core/pattern/walkWall";
import { drawnPlan } from "@/core/plan/drawnPlan";
import type { Wall } from "@/core/wall/schema";
import { agendaOf, type DueDay } from "./agenda";

/** What the list of jobs tells of one. */
export interface TileFigures {
  readonly walls: number;
  readonly toDecide: number;
  readonly stops: number;
  /** Days of work; null where they are not planned. */
  readonly days: number | null;
  readonly cost: number;
  readonly currency: string;
  /** Its days by their dates; absent in what an older version worked out. */
  readonly agenda?: readonly DueDay[];
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
    agenda: agendaOf(job, plan),
    trouble: unplanned(plan),
  };
}

/** Why nothing of a job was worked out. */
function unplanned({ walls }: Plan): string | null {
  const stop = walls[0]?.findings.find(({ code }) => code === "cannot-be-planned" || code === "too-much");
  return stop?.say ?? null;
}

const mostWalls = 16;
/** More walls than this stand in two rows. */
const mostInRow = 6;
/** Characters of one wall's pieces, and of each other kind of thing on it: the largest pieces are drawn, what is finer than that could not be seen anyway. */
const mostPerWall = 8_000;
const betweenMm = 350;

/** The walls of a job in little, side by side and to one scale, as SVG; the pieces of a colour are one path. */
export function drawTile(job: Job, plan: Plan): string {
  const walls = job.walls.slice(0, mostWalls);
  const inRow = walls.length > mostInRow ? Math.ceil(walls.length / 2) : Math.max(1, walls.length);
  let [wide, high] = [1, -betweenMm];
  const drawn: string[] = [];
  for (let first = 0; first < walls.length; first += inRow) {
    const row = walls.slice(first, first + inRow);
    const foot = high + betweenMm + Math.max(1, ...row.map((wall) => heightOf(boxOfWall(wall))));
    let left = 0;
    for (const wall of row) {
      const { minX, maxX, minY } = boxOfWall(wall);
      const origin: PlanPoint = [left - minX, foot + minY];
      left += maxX - minX + betweenMm;
      const planned = plan.walls.find(({ id }) => id === wall.id);
      drawn.push(
        drawWall(job, wall, planned, ([x, y]) => [Math.round(origin[0] + x), Math.round(origin[1] - y)]),
      );
    }
    [wide, high] = [Math.max(wide, Math.round(left - betweenMm)), foot];
  }
  high = Math.max(1, high);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${wide} ${Math.round(high)}" width="${wide / 20}" height="${Math.round(high) / 20}">${drawn.join("")}</svg>`;
}

const heightOf = ({ minY, maxY }: ReturnType<typeof boxOfWall>): number => maxY - minY;

type Place = (point: PlanPoint) => PlanPoint;

function drawWall(job: Job, wall: Wall, planned: PlanWall | undefined, place: Place): string {
  const hexOf = (id: string) => job.paints.find((paint) => paint.id === id)?.hex ?? "#ffffff";
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const drawn = drawnPlan(planned ?? null);
  const outline = ringOf(planned?.outline ?? drawn.boxRing(minX, minY, maxX, maxY), place);
  if (planned?.effects?.length)
    return framed(hexOf(wall.base), outline, [lookedAt(job, wall, planned, outline, place)]);
  const paths = new Paths();
  const shape = (rings: readonly (readonly PlanPoint[])[]) =>
    rings.map((ring) => ringOf(ring, place)).join("");
  const box = ([low, , high]: readonly PlanPoint[]) => {
    const [left, top] = place([low![0], high![1]]);
    const [wide, tall] = [Math.round(high![0] - low![0]), Math.round(high![1] - low![1])];
    return `M${left} ${top}h${wide}v${tall}h${-wide}z`;
  };
  walkWall(
    wall,
    { ...drawn, regions: largestFirst(drawn.regions, planned) },
    {
      region: ({ colour, rings }) => {
        // What is left in base is there already.
        if (colour !== wall.base)
          paths.add("region", `fill="${hexOf(colour)}" fill-rule="evenodd"`, shape(rings));
      },
      sheet: (_, { hex }, ring) =>
        paths.add("sheet", `fill="${hex}" stroke="#6b6070" stroke-width="6"`, box(ring)),
      brick: ({ tone }, ring) => paths.add("brick", `fill="${hexOf(tone)}"`, box(ring)),
      print: ({ pose }, paint, rings) => {
        const move = pose && poser(pose);
        const moved = move
          ? rings.map((ring) => ring.map(([x, y]): PlanPoint => [move({ x, y }).x, move({ x, y }).y]))
          : rings;
        const d = moved.map((ring) => ringOf(ring, place)).join("");
        paths.add("print", `fill="${hexOf(paint)}" fill-rule="evenodd"`, d);
      },
      opening: (_, hole, casing) =>
        paths.add(
          "opening",
          `fill="#f7f3ea" stroke="#8b8074" stroke-width="12"`,
          ringOf(casing ?? hole, place),
        ),
    },
  );
  return framed(hexOf(wall.base), outline, paths.written());
}

/** A wall with what is on it, to its edges. */
const framed = (base: string, outline: string, drawn: readonly string[]): string =>
  [
    `<path fill="${base}" d="${outline}"/>`,
    ...drawn,
    `<path fill="none" stroke="#2b1f33" stroke-opacity=".5" stroke-width="16" d="${outline}"/>`,
  ].join("");

/** Of the longer side of a wall in little. */
const lookPx = 160;
const jpegQuality = 60;

/** Broken colour as it looks: it is no field of one colour. */
function lookedAt({ paints }: Job, wall: Wall, plan: PlanWall, outline: string, place: Place): string {
  const { pixels, ...size } = smallLook({ wall, plan, paints }, lookPx);
  const jpeg = encode({ data: Buffer.from(pixels.buffer), ...size }, jpegQuality).data.toString("base64");
  const { minX, maxX, minY, maxY } = boxOfWall(wall);
  const [left, top] = place([minX, maxY]);
  const box = `x="${left}" y="${top}" width="${Math.round(maxX - minX)}" height="${Math.round(maxY - minY)}"`;
  return `<clipPath id="c${left}-${top}"><path d="${outline}"/></clipPath><image ${box} preserveAspectRatio="none" clip-path="url(#c${left}-${top})" href="data:image/jpeg;base64,${jpeg}"/>`;
}

/** What looks alike as one path, in the order in which it is told; of what there is too much, the later is left out. */
class Paths {
  private readonly paths = new Map<string, { readonly look: string; d: string }>();
  private readonly room = new Map<string, number>();

  add(kind: string, look: string, d: string): void {
    const room = (this.room.get(kind) ?? mostPerWall) - d.length;
    this.room.set(kind, room);
    if (room < 0) return;
    const path = this.paths.get(`${kind} ${look}`) ?? { look, d: "" };
    path.d += d;
    this.paths.set(`${kind} ${look}`, path);
  }

  written(): string[] {
    return [...this.paths.values()].map(({ look, d }) => `<path ${look} d="${d}"/>`);
  }
}

function largestFirst(regions: readonly DrawnRegion<readonly PlanPoint[]>[], planned: PlanWall | undefined) {
  const areas = new Map(planned?.regions.map(({ id, area_m2 }) => [id, area_m2]));
  return [...regions].sort((a, b) => areas.get(b.id)! - areas.get(a.id)!);
}

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
