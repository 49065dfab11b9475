import type { Places } from "./places";
import type { Box } from "../geometry/curve";
import { poser, type Pose } from "../geometry/placeContour";
import { walkWall, type WallSink } from "../pattern/walkWall";
import { drawnPlan } from "../plan/drawnPlan";
import type { PlanEffect, PlanPoint, PlanWall } from "../plan/planTypes";
import { boxOfWall } from "../wall/boxOfWall";
import { isFixed, type Wall } from "../wall/schema";
import type { Texture } from "../trade/constants";
import { lightOf, type Light } from "./colours";
import { effectOver, type Painted } from "./effects";
import { cloud } from "./noise";
import { Raster } from "./raster";

/** A paint as far as it is seen. */
export interface SeenPaint {
  readonly id: string;
  readonly hex: string;
}

/** What a look is made from: a wall with its plan, and the paints. */
export interface LookOf {
  readonly wall: Wall;
  readonly plan: PlanWall;
  readonly paints: readonly SeenPaint[];
}

/** Something at a place of the wall. */
export interface Seen {
  readonly light: Light;
  /** Effects over it, the lowest first. */
  readonly over: readonly Painted[];
  /** How much its light wavers with the hand that put it on, and over what distance, mm. */
  readonly waver: number;
  readonly waverMm: number;
}

/** A wall ready to be looked at, from anywhere and in any light. */
export interface Scene {
  readonly box: Box;
  readonly texture: Texture;
  readonly raster: Raster;
  /** By the raster's number, from 1. */
  readonly seen: readonly Seen[];
}

/** No finer than this, and no more cells than that. */
const finestMm = 2;
const mostCells = 4_000_000;
const trim: Light = [0.86, 0.84, 0.8];
const glass: Light = [0.7, 0.76, 0.8];
const wood: Light = [0.62, 0.56, 0.48];
/** A stamp's last print lets so much less paint through than its first. */
const fadeShare = 0.45;

/** Lays a plan out in cells, what lies on top last; no finer than a picture of it needs, mm. */
export function sceneOf({ wall, plan, paints }: LookOf, cellMm = finestMm): Scene {
  const box = boxOfWall(wall);
  const area = (box.maxX - box.minX) * (box.maxY - box.minY);
  const raster = new Raster(box, Math.max(cellMm, Math.sqrt(area / mostCells)));
  const seen: Seen[] = [];
  const lights = new Map(paints.map(({ id, hex }) => [id, lightOf(hex)]));
  const light = (paint: string): Light => lights.get(paint) ?? [1, 1, 1];
  // What looks alike has one number: there may be more prints than numbers.
  const numbers = new Map<Seen, number>();
  const put: Put = (rings, what) => {
    const number = numbers.get(what) ?? seen.push(what);
    numbers.set(what, number);
    raster.fill(rings, number);
  };
  const flat = { over: [], waver: 0.012, waverMm: 9 } as const;
  put([plan.outline], { ...flat, light: trim, waver: 0 });
  const over = effectsByRegion(plan, light, raster.cellMm);
  const drawn = drawnPlan(plan);
  walkWall(wall, drawn, {
    region: ({ id, colour, rings }) =>
      put(rings, { ...flat, light: light(colour), over: over.get(id) ?? [] }),
  });
  for (const effect of new Set([...over.values()].flat())) effect.fit?.(raster, numbersUnder(seen, effect));
  walkWall(wall, drawn, lyingOn({ wall, plan, box, light, put }));
  return { box, texture: wall.texture, raster, seen };
}

type Ring = readonly PlanPoint[];
type Put = (rings: readonly Ring[], what: Seen) => void;

const numbersUnder = (seen: readonly Seen[], effect: Painted): ReadonlySet<number> =>
  new Set(seen.flatMap(({ over }, index) => (over.includes(effect) ? [index + 1] : [])));

/**
 * The effects over each region; of one finish there is one effect, however many regions it is on. Each is laid out within
 * their box and in as many coats as the plan's, so that it is seen by the very strokes and boards of the plan.
 */
function effectsByRegion(
  { effects = [], coats = [], regions }: PlanWall,
  light: (paint: string) => Light,
  cellMm: number,
): Map<string, Painted[]> {
  const byRegion = new Map<string, Painted[]>();
  for (const effect of effects) {
    if (effect.regions.length === 0) continue;
    const own = new Set(effect.regions);
    const box = boxAround(regions.flatMap(({ id, outline }) => (own.has(id) ? outline : [])));
    const painted = effectOver(effect, { box, coats: coatsOf(effect, coats), cellMm }, light);
    for (const region of effect.regions) byRegion.set(region, [...(byRegion.get(region) ?? []), painted]);
  }
  return byRegion;
}

/** How many coats of an effect's finish are planned; one where that is not worked out. */
const coatsOf = ({ finish }: PlanEffect, coats: NonNullable<PlanWall["coats"]>): number =>
  Math.max(1, coats.filter((coat) => coat.finish === finish).length);

function boxAround(points: readonly PlanPoint[]): Box {
  const box = { minX: Infinity, maxX: -Infinity, minY: Infinity, maxY: -Infinity };
  for (const [x, y] of points) {
    box.minX = Math.min(box.minX, x);
    box.maxX = Math.max(box.maxX, x);
    box.minY = Math.min(box.minY, y);
    box.maxY = Math.max(box.maxY, y);
  }
  return box;
}

interface Ground {
  readonly wall: Wall;
  readonly plan: PlanWall;
  readonly box: Box;
  readonly light: (paint: string) => Light;
  readonly put: Put;
}

/** What is laid, printed or fixed on the pieces. */
function lyingOn({ wall, plan, box, light, put }: Ground): WallSink<Ring> {
  const still = { over: [], waver: 0, waverMm: 1 } as const;
  const alike = new Map<string, Seen>();
  const once = (key: string, make: () => Seen): Seen => {
    const seen = alike.get(key) ?? make();
    alike.set(key, seen);
    return seen;
  };
  const paper = (hex: string, by: number) =>
    once(`${hex} ${by}`, () => ({ light: scaled(lightOf(hex), by), over: [], waver: 0.004, waverMm: 40 }));
  const faded = fadingOf(plan);
  return {
    sheet: ({ from, to, phase }, { hex, repeat }, ring) => {
      put([ring], paper(hex, 1));
      put([rectangle(to - 1, box.minY, 1, box.maxY - box.minY)], paper(hex, 0.8));
      if (repeat === null) return;
      const [half, middle] = [Math.min(repeat, to - from) * 0.28, (from + to) / 2];
      for (let y = box.maxY - repeat / 2 + phase; y > box.minY - half; y -= repeat)
        put([lozenge(middle, y, half)], paper(hex, 0.88));
    },
    brick: ({ tone, nthOfLoad }, ring, finish) => {
      const face = once(`${finish} ${tone} ${nthOfLoad}`, () => ({
        light: mixed(light(tone), light(wall.base), faded(finish, nthOfLoad)),
        over: [],
        waver: 0.09,
        waverMm: 14,
      }));
      put([ring], face);
    },
    print: ({ pose }, paint, rings) => {
      const look = once(`print ${paint}`, () => ({ light: light(paint), over: [], waver: 0.06, waverMm: 7 }));
      put(pose ? posed(rings, pose) : rings, look);
    },
    opening: ({ kind }, hole, casing) => {
      if (casing) put([casing], { ...still, light: trim });
      put([hole], { ...still, light: kind === "window" ? glass : wood });
    },
    fixture: (fixture) => {
      const { x, y, width, height } = fixture;
      if (isFixed(fixture)) put([rectangle(x, y, width, height)], { ...still, light: trim });
    },
  };
}

/** How much of the wall faces show as their loads print them: none of the first of a load, most of the last one. */
function fadingOf({ bricks = [] }: PlanWall): (finish: string, nthOfLoad: number) => number {
  const most = new Map(
    bricks.map(({ finish, list }) => [finish, Math.max(2, ...list.map(({ nthOfLoad }) => nthOfLoad))]),
  );
  return (finish, nthOfLoad) => (fadeShare * (nthOfLoad - 1)) / (most.get(finish)! - 1);
}

function posed(rings: readonly Ring[], pose: Pose): PlanPoint[][] {
  const place = poser(pose);
  return rings.map((ring) =>
    ring.map(([x, y]): PlanPoint => {
      const placed = place({ x, y });
      return [placed.x, placed.y];
    }),
  );
}

const lozenge = (x: number, y: number, half: number): PlanPoint[] => [
  [x, y + half],
  [x + half, y],
  [x, y - half],
  [x - half, y],
];

const rectangle = (x: number, y: number, width: number, height: number): PlanPoint[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

const scaled = ([r, g, b]: Light, by: number): Light => [r * by, g * by, b * by];
const mixed = ([r, g, b]: Light, [x, y, z]: Light, share: number): Light => [
  r + (x - r) * share,
  g + (y - g) * share,
  b + (z - b) * share,
];

/** The light that a place of the wall sends back, in white light; null beside it. */
export function lookAt({ raster, seen }: Scene, x: number, y: number, places: Places): Light | null {
  const number = raster.at(x, y);
  if (number === 0) return null;
  const { light, over, waver, waverMm } = seen[number - 1]!;
  let shown: Light = light;
  // What is broken up hides how its ground was rolled.
  if (waver > 0 && over.length === 0)
    shown = scaled(shown, 1 + waver * (2 * cloud(x / waverMm, y / waverMm, number % 8) - 1));
  for (const effect of over) shown = effect.shade(shown, x, y, places);
  return shown;
}
