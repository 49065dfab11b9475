import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import {
  isField,
  layIn,
  mapped,
  mappingOf,
  shadeOf,
  spotLight,
  type Picture,
  type Place,
  type Quad,
} from "./inRoom";

const wall: Quad = [
  [0, 0],
  [4000, 0],
  [4000, 2500],
  [0, 2500],
];

/** A camera: turned so far about the plumb and tilted, so far away; a place on the wall as it sees it, px. */
const camera =
  ({ turn, tilt, away, aside }: { turn: number; tilt: number; away: number; aside: number }) =>
  ([x, y]: Place): Place => {
    const [px, py, pz] = [x - 2000 - aside, y - 1250, away];
    const [cx, cz] = [px * Math.cos(turn) - pz * Math.sin(turn), px * Math.sin(turn) + pz * Math.cos(turn)];
    const [cy, z] = [py * Math.cos(tilt) - cz * Math.sin(tilt), py * Math.sin(tilt) + cz * Math.cos(tilt)];
    return [640 + (900 * cx) / z, 480 - (900 * cy) / z];
  };

const anyCamera = fc.record({
  turn: fc.double({ min: -0.6, max: 0.6, noNaN: true }),
  tilt: fc.double({ min: -0.2, max: 0.2, noNaN: true }),
  away: fc.integer({ min: 4000, max: 9000 }),
  aside: fc.integer({ min: -800, max: 800 }),
});

describe("a wall in a photo", () => {
  it("its corners map exactly, and a grid on it comes within half a pixel of where a camera sees it", () => {
    fc.assert(
      fc.property(anyCamera, (pose) => {
        const see = camera(pose);
        const seen = wall.map(see) as unknown as Quad;
        const mapping = mappingOf(wall, seen)!;
        wall.forEach((corner, at) => {
          const [x, y] = mapped(mapping, corner);
          expect(x).toBeCloseTo(seen[at]![0], 6);
          expect(y).toBeCloseTo(seen[at]![1], 6);
        });
        for (let x = 0; x <= 4000; x += 500)
          for (let y = 0; y <= 2500; y += 500) {
            const [px, py] = mapped(mapping, [x, y]);
            const [cx, cy] = see([x, y]);
            expect(Math.max(Math.abs(px - cx), Math.abs(py - cy))).toBeLessThan(0.5);
          }
      }),
      runsOf(100),
    );
  });

  it("a door of known size tells the wall as well as its corners do", () => {
    const see = camera({ turn: 0.4, tilt: -0.1, away: 5000, aside: 300 });
    const door: Quad = [
      [2600, 0],
      [3400, 0],
      [3400, 2000],
      [2600, 2000],
    ];
    const mapping = mappingOf(door, door.map(see) as unknown as Quad)!;
    const [x, y] = mapped(mapping, [0, 2500]);
    const [cx, cy] = see([0, 2500]);
    expect(Math.max(Math.abs(x - cx), Math.abs(y - cy))).toBeLessThan(0.5);
  });

  it("what is no field is refused: crossed, dented, on a line", () => {
    const [a, b, c, d] = wall;
    expect(isField(wall)).toBe(true);
    expect(isField([a, c, b, d])).toBe(false);
    expect(isField([a, b, [1000, 500], d])).toBe(false);
    expect(mappingOf([a, b, [2000, 0], d], wall)).toBeNull();
  });
});

describe("a look in the room's light", () => {
  const flat = (width: number, height: number, digit: number): Picture => ({
    width,
    height,
    pixels: new Uint8ClampedArray(width * height * 4).fill(digit),
  });
  const photo = flat(40, 30, 204);
  const look = flat(20, 10, 180);
  const [own, seen]: [Quad, Quad] = [
    [
      [0, 0],
      [20, 0],
      [20, 10],
      [0, 10],
    ],
    [
      [5, 5],
      [25, 5],
      [25, 25],
      [5, 25],
    ],
  ];
  const toLook = mappingOf(seen, own)!;
  const at = (pixels: Uint8ClampedArray, x: number, y: number) => pixels[(y * 40 + x) * 4];

  it("under a light that leaves white white it is itself, in half of it half as light; beside the wall nothing changes", () => {
    const same = layIn(photo, look, { toLook, white: [1, 1, 1], shade: null });
    expect([at(same, 10, 10), at(same, 2, 2), at(same, 30, 10)]).toEqual([180, 204, 204]);
    const half = layIn(photo, look, { toLook, white: [0.5, 0.5, 0.5], shade: null });
    // Half of the light: the root of a half of the digit.
    expect(Math.abs(at(half, 10, 10)! - 180 * Math.SQRT1_2)).toBeLessThanOrEqual(1);
    // 204 of 255 are 0.64 of the light.
    expect(spotLight(photo, [20, 15])[0]).toBeCloseTo(0.64, 6);
  });

  it("a shadow on a wall of one colour lies on the look, too, and an even wall has none", () => {
    const toPhoto = mappingOf(own, seen)!;
    expect(shadeOf(photo, look, toPhoto).cells.every((cell) => Math.abs(cell - 1) < 1e-9)).toBe(true);
    const shadowed = { ...photo, pixels: new Uint8ClampedArray(photo.pixels) };
    for (let row = 0; row < 30; row++)
      for (let column = 0; column < 10; column++)
        shadowed.pixels.fill(144, (row * 40 + column) * 4, (row * 40 + column) * 4 + 3);
    const shade = shadeOf(shadowed, look, toPhoto);
    const laid = layIn(shadowed, look, { toLook, white: [1, 1, 1], shade });
    // (144 / 204)2 is half of the light.
    expect(at(laid, 6, 15)!).toBeLessThan(140);
    expect(at(laid, 22, 15)!).toBe(180);
  });
});
