import fc from "fast-check";
import { expect, it } from "vitest";
import { emitCompact, roundNumber } from "./emitPlan";
import { runsOf } from "@/core/tests/runsOf";

it("numbers have twelve significant digits and no minus nought, whichever way they are found to", () => {
  const number = fc.oneof(
    fc.double({ noNaN: true, noDefaultInfinity: true }),
    fc.integer(),
    fc.tuple(fc.integer(), fc.constantFrom(1e3, 1e6, 1e7)).map(([whole, by]) => whole / by),
  );
  fc.assert(
    fc.property(number, (value) => {
      expect(Object.is(roundNumber(value), Number(value.toPrecision(12)) + 0)).toBe(true);
    }),
    runsOf(3000),
  );
  expect(Object.is(roundNumber(-0), 0)).toBe(true);
  for (const value of [NaN, Infinity, -Infinity]) expect(() => roundNumber(value)).toThrow(RangeError);
});

it("what is undefined is left out, and lists keep their places", () => {
  const value = { a: undefined, b: [1 / 3, null, "x", { c: -0 }] };
  expect(emitCompact(value)).toBe('{"b":[0.333333333333,null,"x",{"c":0}]}');
});
