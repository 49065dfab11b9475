import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import { differenceOf, labOf } from "./difference";
import { asPaint, inBothLights, labUnder, partsUnderLamp, reflectanceOf } from "./underLamp";

const even = (share: number) => Array.from({ length: 38 }, () => share);

describe("colours by day and under a lamp", () => {
  it("what reflects all bands alike is a grey in any light: white is 100, an eighteenth of a hundred 49.5", () => {
    for (const light of ["day", "lamp"] as const) {
      const [white, grey] = [labUnder(even(1), light), labUnder(even(0.18), light)];
      expect(white.l).toBeCloseTo(100, 3);
      // 116 x 0.18^(1/3) - 16.
      expect(grey.l).toBeCloseTo(49.5, 1);
      for (const { a, b } of [white, grey]) expect(Math.max(Math.abs(a), Math.abs(b))).toBeLessThan(0.02);
    }
  });

  it("a colour of a screen comes out as itself by day, near enough", () => {
    for (const hex of ["#47573f", "#d9d2c3", "#a0522d", "#2f5d62", "#d9a441"])
      expect(differenceOf(labUnder(reflectanceOf(hex), "day"), labOf(hex))).toBeLessThan(1.5);
  });

  it("long waves gain under the lamp: an orange looks lighter there, a blue darker", () => {
    const [orange, blue] = ["#d9843b", "#2f5d92"].map((hex) => inBothLights(reflectanceOf(hex)));
    expect(orange!.lamp.l).toBeGreaterThan(orange!.day.l + 1);
    expect(blue!.lamp.l).toBeLessThan(blue!.day.l - 1);
  });

  it("two that reflect otherwise and match by day part under the lamp; a colour never parts from itself", () => {
    const base = reflectanceOf("#8f8a7c");
    // What X, Y and Z of daylight do not feel: a bump in three bands and its counterpart in three others, solved by hand below.
    const other = withoutDaylight(base);
    const [one, two] = [inBothLights(base), inBothLights(other)];
    const found = partsUnderLamp(one, two);
    expect(found.day).toBeLessThan(0.3);
    expect(found.lamp).toBeGreaterThan(1.5);
    expect(found.parts).toBe(true);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (number) => {
        const own = asPaint(`#${number.toString(16).padStart(6, "0")}`);
        expect(partsUnderLamp(own, own)).toEqual({ day: 0, lamp: 0, parts: false });
      }),
      runsOf(50),
    );
  });
});

/** The same colour by day of another surface: what is added in one band is taken off in three so that X, Y and Z stay. */
function withoutDaylight(base: readonly number[]): number[] {
  const effect = (band: number) => {
    const only = even(0);
    only[band] = 1;
    return xyzByDay(only);
  };
  // 610 nm up by 0.2; 460, 550 and 640 nm make up for it.
  const up = effect(23).map((value) => value * 0.2);
  const [b1, b2, b3] = [8, 17, 26];
  const [m1, m2, m3] = [effect(b1), effect(b2), effect(b3)];
  const det = (a: number[], b: number[], c: number[]) =>
    a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) -
    b[0]! * (a[1]! * c[2]! - a[2]! * c[1]!) +
    c[0]! * (a[1]! * b[2]! - a[2]! * b[1]!);
  const whole = det(m1, m2, m3);
  const shares = [det(up, m2, m3) / whole, det(m1, up, m3) / whole, det(m1, m2, up) / whole];
  const made = [...base];
  made[23]! += 0.2;
  [b1, b2, b3].forEach((band, at) => (made[band]! -= shares[at]!));
  return made;
}

/** X, Y and Z up to their white, found from L*a*b* of what is light enough for the cube root. */
function xyzByDay(reflected: number[]): number[] {
  const lifted = reflected.map((share) => share + 1);
  const of = (values: number[]) => {
    const { l, a, b } = labUnder(values, "day");
    const fy = (l + 16) / 116;
    return [(fy + a / 500) ** 3, fy ** 3, (fy - b / 200) ** 3];
  };
  const [with_, without] = [of(lifted), of(even(1))];
  return with_.map((value, at) => value - without[at]!);
}
