import { poser } from "../geometry/placeContour";
import { tintsOf } from "../pattern/tintsOf";
import { walkWall } from "../pattern/walkWall";
import { drawnPlan } from "../plan/drawnPlan";
import type { PlanPoint, PlanWall } from "../plan/planTypes";
import { boxOfWall } from "../wall/boxOfWall";
import { isFixed, type Wall } from "../wall/schema";
import { Raster } from "./raster";

/** A colour of a wall as far as it is seen: what lies over a piece is taken out of it. */
export interface SeenColour {
  /** The paint; of paper what it is called by. */
  readonly colour: string;
  /** Of paper, which is no paint. */
  readonly hex?: string;
  readonly pieces: number;
  readonly area_m2: number;
}

/** Two colours that touch, and along how much. */
export interface SeenEdge {
  readonly between: readonly [string, string];
  readonly length_m: number;
}

export interface SeenWall {
  readonly colours: readonly SeenColour[];
  readonly edges: readonly SeenEdge[];
}

/** So many cells along a wall's longer side: a 5 m wall in cells of 7 mm, whose counts hold to a hundredth of what they count. */
const cellsAlong = 700;

/** What is seen at a place: by colours, with their shares of it. */
type Surface = readonly (readonly [colour: string, share: number])[];

/**
 * Which colours a wall shows, how much of each, and along how much which ones touch: pieces less what is printed, laid or stamped on
 * them, broken colour by its tones' shares. Areas are those of the plan where nothing lies on a piece, and counted in cells elsewhere.
 */
export function seenColours(wall: Wall, plan: PlanWall): SeenWall {
  const seen = kept.get(plan) ?? lookedAt(wall, plan);
  kept.set(plan, seen);
  return seen;
}

/** The same of several walls, one after the other. */
export function seenOnWalls(walls: readonly Wall[], plans: readonly PlanWall[]): SeenWall {
  const seen = plans.flatMap((plan) => {
    const wall = walls.find(({ id }) => id === plan.id);
    return wall ? [seenColours(wall, plan)] : [];
  });
  return { colours: seen.flatMap(({ colours }) => colours), edges: seen.flatMap(({ edges }) => edges) };
}

/** Looked at once for each plan of a wall: whoever changes the wall gets another. */
const kept = new WeakMap<PlanWall, SeenWall>();

function lookedAt(wall: Wall, plan: PlanWall): SeenWall {
  const laid = layOut(wall, plan);
  const areas = new Map<string, number>();
  const pieces = new Map<string, number>();
  const add = (map: Map<string, number>, colour: string, by: number) =>
    map.set(colour, (map.get(colour) ?? 0) + by);
  laid.surfaces.forEach(({ surface, pieces: count, ownM2, before }, index) => {
    const cells = laid.cells[index + 1]!;
    const area = ownM2 !== null && before > 0 ? (ownM2 * cells) / before : cells * laid.cellM2;
    for (const [colour, share] of surface) {
      add(areas, colour, area * share);
      add(pieces, colour, count);
    }
  });
  const colours = [...areas].map(([colour, area_m2]): SeenColour => {
    const hex = laid.papers.get(colour);
    return { colour, pieces: pieces.get(colour)!, area_m2, ...(hex !== undefined && { hex }) };
  });
  return { colours, edges: edgesOf(laid) };
}

interface Laid {
  readonly raster: Raster;
  /** By the raster's number, from 1. */
  readonly surfaces: readonly Laying[];
  /** How many cells show each number. */
  readonly cells: Uint32Array;
  readonly cellM2: number;
  readonly papers: ReadonlyMap<string, string>;
}

interface Laying {
  readonly surface: Surface;
  pieces: number;
  /** Of regions: what the plan has of it, and its cells before anything was laid over it. */
  ownM2: number | null;
  before: number;
}

type Ring = readonly PlanPoint[];

function layOut(wall: Wall, plan: PlanWall): Laid {
  const box = boxOfWall(wall);
  const raster = new Raster(box, Math.max(box.maxX - box.minX, box.maxY - box.minY) / cellsAlong);
  const surfaces: Laying[] = [];
  const numbers = new Map<string, number>();
  const papers = new Map<string, string>();
  const put = (rings: readonly Ring[], surface: Surface): Laying => {
    const key = JSON.stringify(surface);
    const number = numbers.get(key) ?? surfaces.push({ surface, pieces: 0, ownM2: null, before: 0 });
    numbers.set(key, number);
    raster.fill(rings, number);
    const laying = surfaces[number - 1]!;
    laying.pieces += 1;
    return laying;
  };
  const drawn = drawnPlan(plan);
  const areaOf = new Map(plan.regions.map(({ id, area_m2 }) => [id, area_m2]));
  walkWall(wall, drawn, {
    region: ({ id, colour, rings }) => {
      const laying = put(rings, surfaceOf(plan, id, colour));
      laying.ownM2 = (laying.ownM2 ?? 0) + areaOf.get(id)!;
    },
  });
  countCells(raster, surfaces.length).forEach((count, number) => {
    if (number > 0) surfaces[number - 1]!.before = count;
  });
  // What is laid, printed or stamped has numbers of its own, even in the colour of a piece.
  numbers.clear();
  const nothing = (rings: readonly Ring[]) => raster.fill(rings, 0);
  walkWall(wall, drawn, {
    sheet: (_, { finish, hex }, ring) => {
      papers.set(`paper ${finish}`, hex);
      put([ring], [[`paper ${finish}`, 1]]);
    },
    brick: ({ tone }, ring) => put([ring], [[tone, 1]]),
    print: ({ pose }, paint, rings) => {
      const move = pose && poser(pose);
      const moved = (ring: Ring): PlanPoint[] =>
        ring.map(([x, y]) => {
          const at = move!({ x, y });
          return [at.x, at.y];
        });
      put(move ? rings.map(moved) : rings, [[paint, 1]]);
    },
    opening: (_, hole, casing) => nothing([casing ?? hole]),
    fixture: (fixture) => {
      const { x, y, width, height } = fixture;
      if (isFixed(fixture)) nothing([drawn.boxRing(x, y, x + width, y + height)]);
    },
  });
  const cells = countCells(raster, surfaces.length);
  return { raster, surfaces, cells, cellM2: (raster.cellMm / 1000) ** 2, papers };
}

/** A piece in its own colour, or as the broken colours over it leave it. */
function surfaceOf({ effects = [] }: PlanWall, region: string, colour: string): Surface {
  let surface: Surface = [[colour, 1]];
  for (const effect of effects) {
    if (!effect.regions.includes(region)) continue;
    for (const { paint, opacity } of tintsOf(effect))
      surface = [...surface.map(([own, share]) => [own, share * (1 - opacity)] as const), [paint, opacity]];
  }
  return surface;
}

function countCells({ cells }: Raster, most: number): Uint32Array {
  const counts = new Uint32Array(most + 1);
  for (let at = 0; at < cells.length; at++) counts[cells[at]!]!++;
  return counts;
}

/** Which colours lie side by side: each piece by what most of it shows. */
function edgesOf({ raster, surfaces }: Laid): SeenEdge[] {
  const shown = surfaces.map(({ surface }) => surface.reduce((a, b) => (b[1] > a[1] ? b : a))[0]);
  const beside = countBeside(raster, surfaces.length + 1);
  const cells = new Map<string, number>();
  shown.forEach((a, one) =>
    shown.forEach((b, other) => {
      const count = beside[(one + 1) * (surfaces.length + 1) + other + 1]!;
      if (count === 0 || a === b) return;
      const key = a < b ? `${a}\n${b}` : `${b}\n${a}`;
      cells.set(key, (cells.get(key) ?? 0) + count);
    }),
  );
  return [...cells].map(([key, count]) => ({
    between: key.split("\n") as [string, string],
    length_m: (count * raster.cellMm) / 1000,
  }));
}

/** How often each number has each other one to its right, or over it: a square of counts, row by row. */
function countBeside({ cells, columns, rows }: Raster, numbers: number): Uint32Array {
  const counts = new Uint32Array(numbers * numbers);
  for (let row = 0; row < rows; row++) {
    const [first, last] = [row * columns, (row + 1) * columns - 1];
    for (let at = first; at <= last; at++) {
      const own = cells[at]!;
      const right = at < last ? cells[at + 1]! : own;
      const over = row < rows - 1 ? cells[at + columns]! : own;
      if (right !== own) counts[own * numbers + right]!++;
      if (over !== own) counts[own * numbers + over]!++;
    }
  }
  return counts;
}
