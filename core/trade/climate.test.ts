import fc from "fast-check";
import { expect, it } from "vitest";
import { powerOfTwo, refuseClimate, waitFactor, warmestOpenShare } from "./climate";

it("waits double for every 10 C under 20 and grow by half for every 25 % of damp over 50, never under the label's", () => {
  expect(waitFactor({ temperature: 20, humidity: 50 })).toBe(1);
  expect(waitFactor({ temperature: 10, humidity: 50 })).toBe(2);
  expect(waitFactor({ temperature: 20, humidity: 75 })).toBe(1.5);
  // 2^1.2 = 2.29740 at 8 C, and 1 + 0.5 x 35 / 25 = 1.7 at 85 %.
  expect(waitFactor({ temperature: 8, humidity: 85 })).toBeCloseTo(2.29739671 * 1.7, 6);
  // Half the wait at 30 C, and half as long again for the damp: 0.75, so the label's own.
  expect(waitFactor({ temperature: 30, humidity: 75 })).toBe(1);
  expect(waitFactor({ temperature: 35, humidity: 30 })).toBe(1);
  expect(warmestOpenShare).toBeCloseTo(0.353553, 6);
});

it("powers of two are those of the engine to its last digits", () => {
  fc.assert(
    fc.property(fc.double({ min: -8, max: 8, noNaN: true }), (x) => {
      expect(powerOfTwo(x) / 2 ** x).toBeCloseTo(1, 13);
    }),
  );
});

it("nothing is painted under 8 C, over 35 C or over 85 %", () => {
  const at = (temperature: number, humidity = 50) => refuseClimate({ temperature, humidity });
  expect([at(7.9), at(8), at(35), at(35.1), at(20, 85), at(20, 85.1)]).toEqual([
    "cold",
    null,
    null,
    "warm",
    null,
    "damp",
  ]);
});
