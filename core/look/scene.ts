import type { Places } from "./places";
import type { Box } from "../geometry/curve";
import { sinCos } from "../geometry/trig";
import { flattenContour } from "../geometry/flatten";
import type { PlanEffect, PlanPoint, PlanWall } from "../plan/planTypes";
import { boxOfWall } from "../wall/boxOfWall";
import { openingContour } from "../wall/openingContour";
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

/** Lays a plan out in cells, what lies on top last. */
export function sceneOf({ wall, plan, paints }: LookOf): Scene {
  const box = boxOfWall(wall);
  const area = (box.maxX - box.minX) * (box.maxY - box.minY);
  const raster = new Raster(box, Math.max(finestMm, Math.sqrt(area / mostCells)));
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
  const over = effectsByRegion(plan, light);
  for (const { id, colour, outline, holes } of plan.regions)
    put([outline, ...holes], { ...flat, light: light(colour), over: over.get(id) ?? [] });
  for (const effect of new Set([...over.values()].flat())) effect.fit?.(raster, numbersUnder(seen, effect));
  putSheets(plan, box, put);
  putBricks(plan, light, wall.base, put);
  putPrints(plan, light, put);
  putThings(wall, put);
  return { box, texture: wall.texture, raster, seen };
}

type Put = (rings: readonly (readonly PlanPoint[])[], what: Seen) => void;

const numbersUnder = (seen: readonly Seen[], effect: Painted): ReadonlySet<number> =>
  new Set(seen.flatMap(({ over }, index) => (over.includes(effect) ? [index + 1] : [])));

/**
 * The effects over each region; of one finish there is one effect, however many regions it is on. Each is laid out within
 * their box and in as many coats as the plan's, so that it is seen by the very strokes and boards of the plan.
 */
function effectsByRegion(
  { effects = [], coats = [], regions }: PlanWall,
  light: (paint: string) => Light,
): Map<string, Painted[]> {
  const byRegion = new Map<string, Painted[]>();
  for (const effect of effects) {
    if (effect.regions.length === 0) continue;
    const own = new Set(effect.regions);
    const box = boxAround(regions.flatMap(({ id, outline }) => (own.has(id) ? outline : [])));
    const painted = effectOver(effect, { box, coats: coatsOf(effect, coats) }, light);
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

function putSheets({ sheets = [] }: PlanWall, { minY, maxY }: Box, put: Put): void {
  for (const { drops, hex, repeat } of sheets) {
    const shade = (by: number): Seen => ({
      light: scaled(lightOf(hex), by),
      over: [],
      waver: 0.004,
      waverMm: 40,
    });
    const [plain, seam, motif] = [shade(1), shade(0.8), shade(0.88)];
    for (const { from, to, phase } of drops) {
      put([rectangle(from, minY, to - from, maxY - minY)], plain);
      put([rectangle(to - 1, minY, 1, maxY - minY)], seam);
      if (repeat === null) continue;
      const [half, middle] = [Math.min(repeat, to - from) * 0.28, (from + to) / 2];
      for (let y = maxY - repeat / 2 + phase; y > minY - half; y -= repeat)
        put([lozenge(middle, y, half)], motif);
    }
  }
}

const lozenge = (x: number, y: number, half: number): PlanPoint[] => [
  [x, y + half],
  [x + half, y],
  [x, y - half],
  [x - half, y],
];

/** Faces as their loads print them: the first of a load full, the last one letting the wall show. */
function putBricks({ bricks = [] }: PlanWall, light: (paint: string) => Light, base: string, put: Put): void {
  for (const { list } of bricks) {
    const most = Math.max(2, ...list.map(({ nthOfLoad }) => nthOfLoad));
    const looks = new Map<string, Seen>();
    for (const { box, tone, nthOfLoad } of list) {
      const key = `${tone} ${nthOfLoad}`;
      const face = looks.get(key) ?? {
        light: mixed(light(tone), light(base), (fadeShare * (nthOfLoad - 1)) / (most - 1)),
        over: [],
        waver: 0.09,
        waverMm: 14,
      };
      looks.set(key, face);
      put([rectangle(...box)], face);
    }
  }
}

function putPrints({ prints = [], motifs = [] }: PlanWall, light: (paint: string) => Light, put: Put): void {
  const byId = new Map(motifs.map((motif) => [motif.id, motif]));
  const looks = new Map<string, Seen>();
  const dabbed = (paint: string): Seen => {
    const look = looks.get(paint) ?? { light: light(paint), over: [], waver: 0.06, waverMm: 7 };
    looks.set(paint, look);
    return look;
  };
  for (const { motif, overlay, at, turn, mirrored, kept } of prints.flatMap(({ list }) => list)) {
    if (kept) {
      for (const { colour, contours } of kept) put(contours, dabbed(colour));
      continue;
    }
    const place = placer(at, turn, mirrored === true);
    for (const cutout of byId.get(motif)?.cutouts ?? []) {
      if (cutout.overlay !== overlay) continue;
      put(
        cutout.contours.map((ring) => ring.map(place)),
        dabbed(cutout.colour),
      );
    }
  }
}

function placer([x, y]: PlanPoint, turn: number, isMirrored: boolean): (point: PlanPoint) => PlanPoint {
  const { sin, cos } = sinCos((turn / 180) * Math.PI);
  return ([px, py]) => {
    const across = isMirrored ? -px : px;
    return [x + across * cos - py * sin, y + across * sin + py * cos];
  };
}

function putThings({ openings, fixtures }: Wall, put: Put): void {
  const still = { over: [], waver: 0, waverMm: 1 } as const;
  for (const opening of openings) {
    const ring = (margin: number) =>
      flattenContour(openingContour(opening, margin)).map(({ x, y }): PlanPoint => [x, y]);
    if (opening.casing > 0) put([ring(opening.casing)], { ...still, light: trim });
    put([ring(0)], { ...still, light: opening.kind === "window" ? glass : wood });
  }
  for (const fixture of fixtures.filter(isFixed)) {
    const { x, y, width, height } = fixture;
    put([rectangle(x, y, width, height)], { ...still, light: trim });
  }
}

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
