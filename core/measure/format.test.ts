import { describe, expect, it } from "vitest";
import {
  formatArea,
  formatDegrees,
  formatDuration,
  formatError,
  formatLength,
  formatRun,
  formatSpan,
  formatTin,
  convertSpread,
  formatSpread,
  formatTemperature,
  formatVolume,
  readTemperature,
} from "./formatLength";
import { trimDecimals } from "./formatReading";
import { normaliseText } from "./normaliseText";
import { roundToDivision } from "./roundToDivision";

describe("numbers for people", () => {
  it("keep their zeros", () => {
    expect([2610, 100, 0, 1200.5].map((value) => trimDecimals(value, 1))).toEqual([
      "2610",
      "100",
      "0",
      "1200.5",
    ]);
    expect(trimDecimals(-0.0001, 2)).toBe("0");
    expect(formatSpan(3000, "metric")).toBe("3000 mm");
    expect(formatLength(620, "metric")).toBe("620 mm");
  });

  it("tell warmth in Fahrenheit's degrees where tins are in gallons", () => {
    // Water freezes at 32 and boils at 212; -40 is the same in both.
    expect([0, 20, 100, -40].map((celsius) => formatTemperature(celsius, "us"))).toEqual([
      "32 °F",
      "68 °F",
      "212 °F",
      "-40 °F",
    ]);
    expect(formatTemperature(18.25, "litres")).toBe("18.3 °C");
    expect([formatDegrees(4, "us"), formatDegrees(5, "us"), formatDegrees(4, "litres")]).toEqual([
      "8 °F",
      "9 °F",
      "4 °C",
    ]);
    expect(readTemperature(212, "us")).toBeCloseTo(100, 9);
    expect(readTemperature(21, "litres")).toBe(21);
  });

  it("are lengths in the job's own system", () => {
    expect(formatLength(324.2307, "metric")).toBe("324.2 mm");
    expect(formatLength(-25.4, "imperial")).toBe(`-1"`);
    expect(formatLength(-0.1, "imperial")).toBe(`0"`);
    expect(formatSpan(1219.2, "imperial")).toBe(`4' 0"`);
    expect(formatSpan(254, "imperial")).toBe(`10"`);
  });

  it("never promise an error smaller than it is", () => {
    // 0.73 mm is 0.92 of a thirty-second of an inch; 0.8 mm is just over one.
    expect(formatError(0.73, "imperial")).toBe(`1/32"`);
    expect(formatError(0.8, "imperial")).toBe(`1/16"`);
    expect(formatError(-0.41, "metric")).toBe("0.5 mm");
  });

  it("tells a spread rate in the job's area by the job's measure of paint", () => {
    // 11 m2 are 118.4 ft2; a gallon is 3.785 litres: 41.6 m2 and 448.2 ft2.
    expect(formatSpread(11, "metric", "litres")).toBe("11 m2 a litre");
    expect(formatSpread(11, "imperial", "litres")).toBe("118 ft2 a litre");
    expect(formatSpread(11, "imperial", "us")).toBe("448 ft2 a gallon");
    expect(formatSpread(11, "metric", "us")).toBe("42 m2 a gallon");
    expect(formatSpread(1.8, "metric", "litres")).toBe("1.8 m2 a litre");
    for (const units of ["metric", "imperial"] as const) {
      for (const volumes of ["litres", "us"] as const) {
        // What is written in a unit comes back as it was written.
        const written = 400 / convertSpread(1, units, volumes);
        expect(convertSpread(written, units, volumes)).toBeCloseTo(400, 9);
      }
    }
  });

  it("are areas, volumes, tins, tape and times", () => {
    expect(formatArea(9.290304, "imperial")).toBe("100.0 ft2");
    // 80 x 80 mm; in inches 3.1496 squared.
    expect(formatArea(0.0064, "metric")).toBe("64 cm2");
    expect(formatArea(0.0064, "imperial")).toBe("9.9 in2");
    expect(formatArea(0, "metric")).toBe("0.00 m2");
    expect(formatVolume(236.588, "us")).toBe("8 fl oz");
    expect(formatVolume(3785.411784, "us")).toBe("1 gal");
    expect([formatTin(250), formatTin(2500), formatTin(946.352946)]).toEqual(["250 ml", "2.5 L", "1 qt"]);
    expect([60, 120, 59.147059125].map(formatTin)).toEqual(["60 ml", "120 ml", "2 fl oz"]);
    expect(formatRun(30.48, "imperial")).toBe("100 ft");
    expect([formatDuration(45), formatDuration(60), formatDuration(125)]).toEqual([
      "45 min",
      "1 h",
      "2 h 05",
    ]);
  });
});

it("halves of a division go up, on every tape", () => {
  expect([0.5, 1.5, 2.4999].map((mm) => roundToDivision(mm, 1))).toEqual([1, 2, 2]);
  expect(roundToDivision(7.5, 5)).toBe(10);
});

it("one spelling for every way to type it", () => {
  expect(normaliseText(" 9′ 4⅜″ ")).toBe(`9' 4 3/8"`);
  expect(normaliseText("4-⅜ in")).toBe("4-3/8 in");
  expect(normaliseText("9'' − 1⁄2")).toBe(`9" - 1/2`);
});
