import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatReading } from "./formatReading";
import { formatDuration, formatSpan, formatVolume } from "./formatLength";
import { parseLength } from "./parseLength";
import { parseLengthEntry } from "./parseLengthEntry";
import { parseArea, parseVolume } from "./parseQuantity";
import { roundToDivision } from "./roundToDivision";

const value = (answer: ReturnType<typeof parseLength>) => (answer.ok ? answer.value : null);

describe("parseLength", () => {
  // 9 ft 4 3/8 in = 112.375 in = 112.375 x 25.4 mm = 2854.325 mm.
  it.each([
    ["3.2 m", 3200],
    ["62.5 cm", 625],
    ["840 mm", 840],
    [`9' 4 3/8"`, 2854.325],
    ["9 ft 4-3/8 in", 2854.325],
    ["112 3/8 in", 2854.325],
    ["112.375in", 2854.325],
    ["9′ 4⅜″", 2854.325],
    ["9’4 ⅜”", 2854.325],
    [`9'-4 3/8"`, 2854.325],
    ["112 3⁄8 in", 2854.325],
    ["9'", 2743.2],
    [`½"`, 12.7],
    ["-3 in", -76.2],
  ])("reads %s", (text, mm) => expect(value(parseLength(text))).toBeCloseTo(mm, 9));

  it.each([
    "",
    "12",
    "12 parsecs",
    "1,240 mm",
    "4 9/8 in",
    "3/0 in",
    `9' 14"`,
    `9.5' 3"`,
    "--5 in",
    "1e3 mm",
    "Infinity mm",
    `9' 4`,
  ])("refuses %j", (text) => expect(parseLength(text)).toEqual({ ok: false }));

  it("never throws and never answers a number that is not finite", () => {
    const noise = fc.oneof(fc.string(), fc.stringMatching(/^[\d '"/.\-a-z½″]{0,14}$/));
    fc.assert(
      fc.property(noise, (text) => {
        for (const answer of [parseLength(text), parseLengthEntry(text, "imperial"), parseVolume(text)]) {
          if (answer.ok) expect(Number.isFinite(answer.value)).toBe(true);
        }
      }),
    );
  });
});

describe("parseLengthEntry", () => {
  it.each([
    ["1240 + 70", "metric", 1310],
    ["2850", "metric", 2850],
    ["112 3/8", "metric", 2854.325],
    ["112 3/8", "imperial", 2854.325],
    ["10", "imperial", 254],
    ["9' 4 3/8", "imperial", 2854.325],
    ["9' 4 3/8\" - 3/8", "imperial", 2844.8],
    ["2.85 m - 50", "metric", 2800],
  ] as const)("reads %s in a %s job", (text, units, mm) =>
    expect(value(parseLengthEntry(text, units))).toBeCloseTo(mm, 9),
  );

  it.each(["", "+", "10 +", "ten", "10 x 3"])("refuses %j", (text) =>
    expect(parseLengthEntry(text, "metric").ok).toBe(false),
  );
});

describe("readings", () => {
  it("round trip: a reading written out and read back is the rounded length", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20000, noNaN: true }),
        fc.constantFrom(1, 0.5, 25.4 / 16, 25.4 / 32),
        (at, division) => {
          const rounded = roundToDivision(at, division);
          expect(Math.abs(rounded - at)).toBeLessThanOrEqual(division / 2 + 1e-9);
          for (const units of ["metric", "imperial"] as const) {
            // Decimal inches carry five places, so a reading is true to 0.000005 in = 0.00013 mm.
            expect(Math.abs(value(parseLength(formatReading(rounded, units)))! - rounded)).toBeLessThan(2e-4);
          }
        },
      ),
    );
  });

  it("writes plain ASCII", () => {
    expect(formatReading(1621, "metric")).toBe("1621 mm");
    expect(formatReading(24.125 * 25.4, "imperial")).toBe(`24 1/8"`);
    expect(formatReading((3 / 8) * 25.4, "imperial")).toBe(`3/8"`);
    expect(formatReading(0, "imperial")).toBe(`0"`);
  });
});

describe("other measures", () => {
  it("reads volumes and areas", () => {
    expect(value(parseVolume("1 gal"))).toBe(3785.411784);
    expect(value(parseVolume("8 fl oz"))).toBeCloseTo(236.588, 3);
    expect(value(parseVolume("2.5 L"))).toBe(2500);
    expect(value(parseArea("100 ft2"))).toBeCloseTo(9.290304, 9);
    expect(parseVolume("3 buckets").ok).toBe(false);
    expect(parseVolume("1 constructor").ok).toBe(false);
  });

  it("writes for people", () => {
    // 3980 mm = 156.693 in = 13 ft 0.693 in; 0.693 x 16 = 11.1, so 11/16.
    expect(formatSpan(3980, "imperial")).toBe(`13' 0 11/16"`);
    // One 1/32 short of 8 ft rounds up to 8 ft and must not read 7 ft 12 in.
    expect(formatSpan(8 * 304.8 - 0.5, "imperial")).toBe(`8' 0"`);
    expect(formatSpan(2610, "metric")).toBe("2610 mm");
    expect(formatDuration(380)).toBe("6 h 20");
    expect(formatVolume(1250, "litres")).toBe("1.25 L");
  });
});
