import type { Box } from "../geometry/curve";
import type { PlanEffect } from "../plan/planTypes";
import { spreadTones } from "../work/broken/spreadTones";
import type { Light } from "./colours";
import { cloud, scatter, valueNoise } from "./noise";
import type { Raster } from "./raster";
import type { Places } from "./places";
import { limeThickness, trowelMarks } from "./strokeMap";

/** Broken colour as it is seen. */
export interface Painted {
  /** The light of a place under it, with it. */
  shade(under: Light, x: number, y: number, places: Places): Light;
  /** Fits its shares to the cells that it lies on, by their numbers. */
  fit?(raster: Raster, numbers: ReadonlySet<number>): void;
}

const lerp = (a: Light, b: Light, share: number): Light => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share,
];
const times = (a: Light, by: number): Light => [a[0] * by, a[1] * by, a[2] * by];
const clamp = (value: number, low: number, high: number): number => Math.max(low, Math.min(high, value));

/** What an effect lies within, in how many coats, and how fine it is looked at, mm. */
export interface LaidOn {
  readonly box: Box;
  readonly coats: number;
  readonly cellMm: number;
}

/** An effect of a plan, ready to be seen. */
export function effectOver(effect: PlanEffect, on: LaidOn, light: (paint: string) => Light): Painted {
  const { box } = on;
  switch (effect.by.hand) {
    case "brush":
      return limed(effect, on, light(effect.tones[0]!.paint));
    case "trowel":
      return new Trowelled(effect, on, light);
    case "flakes":
      return flaked(effect, light(effect.tones[0]!.paint));
    case "wash":
      return washed(effect.by, effect, box, light(effect.tones[0]!.paint));
    default:
      return effect.by satisfies never;
  }
}

/** Clouds of lime under the marks of the brush: thick strokes scatter more light, thin ones let a little of the ground through. */
function limed({ seed }: PlanEffect, { box, coats, cellMm }: LaidOn, lime: Light): Painted {
  const thickness = limeThickness(box, coats, seed, cellMm);
  return {
    shade(under, x, y) {
      const thick = thickness.between(x, y) - 1;
      const drift = cloud(x / 380, y / 380, seed) - 0.5;
      const grain =
        valueNoise(x / 7, y / 7, seed + 5) - 0.5 + 0.7 * (valueNoise(x / 26, y / 26, seed + 9) - 0.5);
      const bright = 1 + 0.24 * clamp(thick, -0.7, 0.7) + 0.26 * drift + 0.03 * grain;
      const thin = clamp(0.05 - 0.14 * thick - 0.12 * drift, 0.01, 0.16);
      return times(lerp(lime, under, thin), bright);
    },
  };
}

/** What is scraped over everything leaves so much of all tones on each, and on what stays bare. */
const veiled = { tone: 0.4, bare: 0.34 } as const;

/**
 * Marks of a spreader in tones whose shares are those of the plan. Where least was laid, the ground is worn through; what is covered is
 * parted between the tones at the values that part it so, each running into the next.
 */
class Trowelled implements Painted {
  private readonly marks: ReturnType<typeof trowelMarks>;
  private readonly tones: readonly { readonly light: Light; readonly share: number }[];
  private readonly bare: number;
  /** All tones run together: what thin places between them look like. */
  private readonly veil: Light;
  /** Up to so much laid it is bare; and from which value on the second tone shows, the third ... */
  private wornTo = 0;
  private cuts: readonly number[] = [];

  constructor(
    private readonly effect: PlanEffect,
    { box, cellMm }: LaidOn,
    light: (paint: string) => Light,
  ) {
    this.marks = trowelMarks(box, effect.seed, cellMm);
    this.tones = effect.tones.map(({ paint, share }) => ({ light: light(paint), share }));
    const whole = this.tones.reduce((sum, { share }) => sum + share, 0);
    this.bare = Math.max(0, 1 - whole);
    this.veil = [0, 1, 2].map((channel) =>
      this.tones.reduce((sum, { light: own, share }) => sum + (own[channel]! * share) / whole, 0),
    ) as unknown as Light;
  }

  fit(raster: Raster, numbers: ReadonlySet<number>): void {
    const { box, cellMm, columns, rows, cells } = raster;
    const [laid, values]: [number[], number[]] = [[], []];
    const every = Math.max(1, Math.floor(Math.sqrt((columns * rows) / enoughPlaces)));
    for (let row = 0; row < rows; row += every)
      for (let column = 0; column < columns; column += every) {
        if (!numbers.has(cells[row * columns + column]!)) continue;
        const [x, y] = [box.minX + (column + 0.5) * cellMm, box.minY + (row + 0.5) * cellMm];
        laid.push(this.laidAt(x, y));
        values.push(this.valueAt(x, y));
      }
    if (laid.length === 0) return;
    this.wornTo = this.bare <= 0 ? -Infinity : cutFor(laid, this.bare, wornOver);
    const covered = values.filter((_, place) => laid[place]! >= this.wornTo);
    let sum = 0;
    this.cuts = this.tones.slice(0, -1).map(({ share }) => {
      sum += share / (1 - this.bare);
      return cutFor(covered, sum, softOver);
    });
  }

  /** What shows there, its rim a little ragged. */
  private valueAt(x: number, y: number): number {
    const { seed } = this.effect;
    const [ragged, rise] = [
      valueNoise(x / 9, y / 9, seed + 3) - 0.5,
      valueNoise(x / 9, y / 9, seed + 4) - 0.5,
    ];
    const value = this.marks.mark.between(x + 6 * ragged, y + 6 * rise);
    return value * 0.84 + 0.16 * cloud(x / 60, y / 60, seed + 6);
  }

  /** How much lies there: more in one place than in another, as hands go. */
  private laidAt(x: number, y: number): number {
    return this.marks.laid.between(x, y) + 0.55 * (cloud(x / 110, y / 110, this.effect.seed + 9) - 0.5);
  }

  shade(under: Light, x: number, y: number, places: Places): Light {
    const value = this.valueAt(x, y);
    const covers = clamp((this.laidAt(x, y) - this.wornTo) / wornOver + 0.5, 0, 1);
    const ridge = valueNoise(x / 5, y / 40, this.effect.seed + 8) - 0.5;
    // Metal lies a little turned in each mark, and is bright where that sends the light to the eye.
    const turned = this.marks.across.between(x, y) - 0.5;
    const [hx, hy] = halfway(places, x, y);
    const [gx, gy] = [hx + 0.55 * turned + 0.12 * ridge, hy + 0.4 * (value - 0.5)];
    const sheen = clamp(1 - 3.2 * (gx * gx + gy * gy), 0, 1);
    const metal = times(this.lightOf(value), 0.9 + 0.2 * sheen * sheen + 0.05 * ridge);
    return lerp(times(lerp(under, this.veil, veiled.bare), 0.98 + 0.04 * ridge), metal, covers);
  }

  /** Tones run into each other over a little of what parts them. */
  private lightOf(value: number): Light {
    let light = lerp(this.tones[0]!.light, this.veil, veiled.tone);
    for (const [index, cut] of this.cuts.entries()) {
      const soft = clamp((value - cut) / softOver + 0.5, 0, 1);
      if (soft <= 0) break;
      light = lerp(light, lerp(this.tones[index + 1]!.light, this.veil, veiled.tone), soft);
    }
    return light;
  }
}

/** A share of so many places is known to a fifth of a hundredth. */
const enoughPlaces = 80_000;
/** Halvings of the span in which a cut is looked for: to a millionth of it. */
const halvings = 20;

/** Where some values are cut so that, each passing over softly, such a share of them all lies below. */
function cutFor(values: readonly number[], share: number, over: number): number {
  let [low, high] = [-1, 2];
  for (let step = 0; step < halvings; step++) {
    const cut = (low + high) / 2;
    let below = 0;
    for (const value of values) below += 1 - clamp((value - cut) / over + 0.5, 0, 1);
    if (below < share * values.length) low = cut;
    else high = cut;
  }
  return (low + high) / 2;
}

/** So much of what is laid the ground takes to be covered. */
const wornOver = 0.2;
/** So much of the values of marks one tone takes to run into the next. */
const softOver = 0.16;

/** Half-way between the directions to the eye and to the lamp: how far it leans along the wall and up it. */
function halfway({ eye, lamp }: Places, x: number, y: number): readonly [number, number] {
  const [vx, vy, vz] = unit(eye[0] - x, eye[1] - y, eye[2]);
  const [lx, ly, lz] = unit(lamp[0] - x, lamp[1] - y, lamp[2]);
  const [hx, hy] = unit(vx + lx, vy + ly, vz + lz);
  return [hx, hy];
}

/**
 * Flakes in a clear coat: each tilted a little by itself, and as bright as its half-way direction between eye and lamp is
 * near to its own (Blinn, 1977, with a polynomial in place of the power).
 */
function flaked({ seed }: PlanEffect, pearl: Light): Painted {
  return {
    shade(under, x, y, places) {
      const [hx, hy] = halfway(places, x, y);
      const [column, row] = [Math.floor(x / 3), Math.floor(y / 3)];
      const [tiltX, tiltY] = [scatter(column, row, seed) - 0.5, scatter(column, row, seed + 1) - 0.5];
      const smooth = clamp(1 - 2.2 * (hx * hx + hy * hy), 0, 1);
      const [gx, gy] = [hx + 0.9 * tiltX, hy + 0.9 * tiltY];
      const aligned = clamp(1 - 9 * (gx * gx + gy * gy), 0, 1);
      const glint = aligned * aligned;
      const film = lerp(under, pearl, 0.22);
      return [
        film[0] * (0.92 + 0.34 * smooth) + 0.22 * glint * pearl[0],
        film[1] * (0.92 + 0.34 * smooth) + 0.22 * glint * pearl[1],
        film[2] * (0.92 + 0.34 * smooth) + 0.22 * glint * pearl[2],
      ];
    },
  };
}

const unit = (x: number, y: number, z: number): readonly [number, number, number] => {
  const length = Math.sqrt(x * x + y * y + z * z);
  return length === 0 ? [0, 0, 1] : [x / length, y / length, z / length];
};

/** How much of the wood a wash of each tone hides. */
const hides = { thin: 0.34, usual: 0.5, full: 0.66 } as const;

/** A wash that lies in the pores of boards, by their tones; dark joints between them. */
function washed(
  by: Extract<PlanEffect["by"], { hand: "wash" }>,
  { seed }: PlanEffect,
  box: Box,
  wash: Light,
): Painted {
  const isLevel = by.direction === "horizontal";
  const span = isLevel ? box.maxY - box.minY : box.maxX - box.minX;
  const tones = spreadTones(Math.ceil(span / by.board) + 1, seed);
  return {
    shade(under, x, y) {
      const from = isLevel ? box.maxY - y : x - box.minX;
      const board = Math.max(0, Math.floor(from / by.board));
      const within = from - board * by.board;
      if (within < 3) return times(under, 0.35);
      const [along, across] = isLevel ? [x, within] : [y, within];
      const shift = scatter(board, 3, seed) * 1000;
      // Grain: long and narrow, bent a little about knots.
      const bend = 14 * (valueNoise(along / 260, board * 3.7, seed) - 0.5);
      const grain = cloud((along + shift) / 240, (across + bend) / 3.4, seed + board);
      const ring = valueNoise((along + shift) / 900, (across + bend) / 11, seed + 50 + board);
      const timber = times(under, 0.8 + 0.3 * grain + 0.12 * ring);
      const cover = clamp(hides[tones[board]!] + 0.5 * (grain - 0.5) + 0.2 * (ring - 0.5), 0.05, 0.95);
      return lerp(timber, wash, cover);
    },
  };
}
