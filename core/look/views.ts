import type { Texture } from "../trade/constants";
import { resolvedMmPerMetre } from "../trade/constants";
import { digitOf, type Light } from "./colours";
import { cloud } from "./noise";
import { lookAt, type Scene } from "./scene";
import type { Places } from "./places";

/** What lights the wall: the same light everywhere, for what is lit by a photo's own; daylight from one side at an hour (of a day that is brightest at 13), a warm lamp in the room, or a lamp that rakes along it from one end. */
export type Lighting =
  | { readonly by: "even" }
  | { readonly by: "day"; readonly from: "left" | "right"; readonly hour?: number }
  | { readonly by: "lamp" }
  | { readonly by: "raking"; readonly from: "left" | "right" };

/** Where it is seen from: square on, or by an eye so far from the left end, from the wall and over the floor, mm. */
export type From =
  | { readonly kind: "square" }
  | { readonly kind: "eye"; readonly x: number; readonly away: number; readonly high: number };

export interface View {
  readonly from: From;
  readonly lighting: Lighting;
  /** Pixels of the picture. */
  readonly width: number;
  readonly height: number;
}

/** A part of a picture, in its pixels from the top left. */
export interface Tile {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

const tileSize = 160;
const around: Light = [0.82, 0.8, 0.77];

/** The parts of a picture in rows from the top. */
export function tilesOf({ width, height }: Pick<View, "width" | "height">): Tile[] {
  const tiles: Tile[] = [];
  for (let y = 0; y < height; y += tileSize)
    for (let x = 0; x < width; x += tileSize)
      tiles.push({ x, y, width: Math.min(tileSize, width - x), height: Math.min(tileSize, height - y) });
  return tiles;
}

/** One part of the picture, four digits a pixel: red, green, blue and how solid. Nothing but sums, products and roots. */
export function drawTile(scene: Scene, view: View, tile: Tile): Uint8ClampedArray<ArrayBuffer> {
  const pixels = new Uint8ClampedArray(tile.width * tile.height * 4);
  const project = projection(scene, view);
  const places = placesOf(scene, view);
  const lit = lighting(scene, view.lighting, places);
  let at = 0;
  for (let row = 0; row < tile.height; row++)
    for (let column = 0; column < tile.width; column++) {
      const light = project(tile.x + column + 0.5, tile.y + row + 0.5, places, lit);
      pixels[at++] = digitOf(light[0]);
      pixels[at++] = digitOf(light[1]);
      pixels[at++] = digitOf(light[2]);
      pixels[at++] = 255;
    }
  return pixels;
}

type Lit = (light: Light, x: number, y: number) => Light;
type Project = (px: number, py: number, places: Places, lit: Lit) => Light;

/** Samples within what one pixel, or what the eye resolves, takes of the wall. */
const spread = [
  [-0.25, -0.1],
  [0.1, -0.25],
  [0.25, 0.1],
  [-0.1, 0.25],
] as const;

function projection(scene: Scene, { from, width, height }: View): Project {
  return from.kind === "square" ? squareOn(scene, width, height) : fromEye(scene, from, width, height);
}

function squareOn(scene: Scene, width: number, height: number): Project {
  const { minX, maxX, minY, maxY } = scene.box;
  const [wide, high] = [(maxX - minX) / width, (maxY - minY) / height];
  const isFine = wide <= scene.raster.cellMm * 1.5;
  return (px, py, places, lit) => {
    const [x, y] = [minX + px * wide, maxY - py * high];
    // A picture as fine as the wall's cells needs one look a pixel.
    if (isFine) {
      const light = lookAt(scene, x, y, places);
      return light ? lit(light, x, y) : around;
    }
    return blurred(scene, x, y, wide, high, places, lit);
  };
}

function blurred(
  scene: Scene,
  x: number,
  y: number,
  wide: number,
  high: number,
  places: Places,
  lit: Lit,
): Light {
  let [r, g, b] = [0, 0, 0];
  for (const [across, up] of spread) {
    const [sx, sy] = [x + across * wide * 2, y + up * high * 2];
    const light = lookAt(scene, sx, sy, places);
    const shown = light ? lit(light, sx, sy) : around;
    r += shown[0];
    g += shown[1];
    b += shown[2];
  }
  return [r / 4, g / 4, b / 4];
}

const floorLight: Light = [0.42, 0.36, 0.29];
const ceilingLight: Light = [0.9, 0.89, 0.87];

/** Half of what is seen at a glance from side to side, as a slope: 42 degrees either way. */
const fieldOfView = 0.9;

/**
 * True perspective: a ray from the eye through each pixel meets the wall, the floor or the ceiling. The eye looks at the middle
 * of the wall, and takes in what it does from there. What the eye cannot resolve from there (0.29 mm a metre) is blurred together.
 */
function fromEye(
  scene: Scene,
  { x: ex, away, high }: Extract<From, { kind: "eye" }>,
  width: number,
  height: number,
): Project {
  const { minX, maxX, minY, maxY } = scene.box;
  const eye = [minX + ex, minY + high] as const;
  // Held upright, so that what is plumb stays so in the picture.
  const forward = unit((minX + maxX) / 2 - eye[0], 0, -away);
  const right = unit(-forward[2], 0, forward[0]);
  const up = cross(right, forward);
  const scale = (2 * fieldOfView) / width;
  // The middle of the wall comes into the middle of the picture.
  const level = dot([0, (minY + maxY) / 2 - eye[1], 0], up) / (away / -forward[2]);
  return (px, py, places, lit) => {
    const [across, rise] = [(px - width / 2) * scale, level + (height / 2 - py) * scale];
    const ray = [0, 1, 2].map(
      (axis) => forward[axis]! + across * right[axis]! + rise * up[axis]!,
    ) as unknown as Vector;
    if (ray[2] > -1e-6) return ceilingLight;
    const reach = away / -ray[2];
    const [x, y] = [eye[0] + ray[0] * reach, eye[1] + ray[1] * reach];
    if (y < minY) return floorLight;
    if (y > maxY) return ceilingLight;
    if (x < minX || x > maxX) return around;
    const metres = (reach * Math.sqrt(dot(ray, ray))) / 1000;
    const pixelMm = Math.max(reach * scale, resolvedMmPerMetre * metres);
    return blurred(scene, x, y, pixelMm, pixelMm, places, lit);
  };
}

type Vector = readonly [number, number, number];
const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
function unit(x: number, y: number, z: number): Vector {
  const length = Math.sqrt(x * x + y * y + z * z);
  return [x / length, y / length, z / length];
}

/** Where the eye is, and what shines: the window's light from far off, a lamp in the room, or one close to the wall's end. */
function placesOf({ box }: Scene, { from, lighting }: View): Places {
  const { minX, maxX, minY, maxY } = box;
  const [width, middle, up] = [maxX - minX, (minX + maxX) / 2, (minY + maxY) / 2];
  const eye: Vector =
    from.kind === "eye" ? [minX + from.x, minY + from.high, from.away] : [middle, up, Math.max(2000, width)];
  const side = (end: "left" | "right", off: number) => (end === "left" ? minX - off : maxX + off);
  switch (lighting.by) {
    case "even":
      return { eye, lamp: [middle, maxY, 2500] };
    case "day":
      return { eye, lamp: [side(lighting.from, 1500), maxY, 2500] };
    case "lamp":
      return { eye, lamp: [middle, maxY + 300, 1800] };
    case "raking":
      return { eye, lamp: [side(lighting.from, 200), up, Math.max(150, width / 10)] };
    default:
      return lighting satisfies never;
  }
}

/** Bumps of a wall in raking light, by its texture. */
const bumps: Record<Texture, number> = { smooth: 0.22, light: 1.3, heavy: 3.2, boards: 1.1, brick: 2.6 };
/** How a warm lamp (2700 K) colours white, from its black body's chromaticity; the eye takes back three quarters of it (von Kries). */
const warm: Light = [1, 0.71, 0.4];
const adapted = 0.75;

/** Daylight from its rise at 6 to its set at 20, and how bright it is there against noon, once the eye has got used to it. */
export const daylight = { rise: 6, noon: 13, set: 20 } as const;
const dimmest = 0.62;
/** Reciprocal colour temperatures, per million kelvin: of the warm lamp, of a sun at the horizon (3300 K), and of noon (6500 K). */
const mireds = { lamp: 1e6 / 2700, low: 1e6 / 3300, noon: 1e6 / 6500 } as const;

/**
 * White at an hour: its warmth goes by how high the sun stands, taken as a parabola over the day, in even steps of reciprocal
 * temperature, which the eye sees as even; between white and the lamp's chromaticity it is laid out straight.
 */
export function lightAtHour(hour: number): Light {
  const away = (hour - daylight.noon) / (daylight.set - daylight.noon);
  const height = Math.max(0, 1 - away * away);
  const share = ((mireds.low - mireds.noon) * (1 - height)) / (mireds.lamp - mireds.noon);
  return scaled(tinted(share), dimmest + (1 - dimmest) * height);
}

/** White by a light, before it fades along a wall. */
export function whiteBy(lighting: Lighting): Light {
  if (lighting.by === "day") return lightAtHour(lighting.hour ?? daylight.noon);
  return lighting.by === "lamp" ? tinted(1) : [1, 1, 1];
}

/** So much of the way from white to the warm lamp, less what the eye takes back. */
const tinted = (share: number): Light =>
  warm.map((channel) => 1 + (channel - 1) * share * (1 - adapted)) as unknown as Light;

/** A plain surface: as bright as the light that falls on it, which fades away from a window and leans on bumps under a raking lamp. */
function lighting({ box, texture }: Scene, by: Lighting, { lamp }: Places): Lit {
  const width = box.maxX - box.minX;
  const from = "from" in by ? by.from : "left";
  const [r, g, b] = whiteBy(by);
  if (by.by === "even") return (light) => light;
  if (by.by === "day") {
    return (light, x) => {
      const share = from === "left" ? (x - box.minX) / width : (box.maxX - x) / width;
      const fall = 1.04 - 0.16 * share;
      return [light[0] * r * fall, light[1] * g * fall, light[2] * b * fall];
    };
  }
  if (by.by === "lamp") {
    return (light, x, y) => {
      const fall = fallOff(x, y, lamp, 3200);
      return [light[0] * r * fall, light[1] * g * fall, light[2] * b * fall];
    };
  }
  const depth = bumps[texture];
  const towards = from === "left" ? -1 : 1;
  return (light, x, y) => {
    const slope =
      towards * (heightAt(x + 2, y) - heightAt(x - 2, y)) * depth * 0.8 +
      towards * (heightAt(x + 14, y) - heightAt(x - 14, y)) * depth * 0.5;
    return scaled(light, Math.max(0.1, (0.5 + 0.5 * fallOff(x, y, lamp, width * 0.7)) * (1 + slope)));
  };
}

const heightAt = (x: number, y: number): number => cloud(x / 55, y / 55, 91) + 0.25 * cloud(x / 9, y / 9, 92);

/** A lamp's light, 1 nearest to it: halved at a distance. */
function fallOff(x: number, y: number, [lx, ly]: Vector, halfMm: number): number {
  const [dx, dy] = [x - lx, y - ly];
  return 1 / (1 + (dx * dx + dy * dy) / (halfMm * halfMm));
}

const scaled = ([r, g, b]: Light, by: number): Light => [r * by, g * by, b * by];
