import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "@/core/measure/parseLength";
import { parseLengthEntry } from "@/core/measure/parseLengthEntry";
import { inOtherUnits, readEntry, showWritten, valueOfWritten } from "./lengthEntry";

describe("what a length field writes into the document", () => {
  it.each([
    [`9' 4 3/8"`, "imperial", `9' 4 3/8"`],
    ["112 3/8", "imperial", "112 3/8 in"],
    ["112 3/8", "metric", "112 3/8 in"],
    ["10", "imperial", "10 in"],
    ["2850", "metric", 2850],
    ["2.85 m", "metric", "2.85 m"],
    ["1240 + 70", "metric", 1310],
    ["9' 4", "imperial", 2844.8],
  ] as const)("%s in a %s job", (typed, units, value) => expect(readEntry(typed, units)).toEqual({ value }));

  it("explains what it cannot read, in the job's own way of writing", () => {
    expect(readEntry("", "metric")).toEqual({ problem: "Write a length here." });
    expect(readEntry("2,85 m", "metric")).toEqual({
      problem: "“2,85 m” is not a length. Write it like 2850 or 2.85 m. Write decimals with a point.",
    });
    expect(readEntry("wide", "imperial")).toEqual({
      problem: `“wide” is not a length. Write it like 112 3/8 or 9' 4 3/8".`,
    });
  });

  it("never changes what was meant: the document's value is what the field understood", () => {
    const number = fc.oneof(
      fc.integer({ min: 0, max: 9000 }).map(String),
      fc.constantFrom("3/8", "4 3/8", "12 1/2", "7.25"),
    );
    const unit = fc.constantFrom("", " mm", " cm", " m", " in", '"', " ft");
    const term = fc.tuple(number, unit).map(([a, b]) => a + b);
    const entry = fc.oneof(
      term,
      fc.tuple(term, fc.constantFrom(" + ", " - "), term).map((parts) => parts.join("")),
    );
    fc.assert(
      fc.property(entry, fc.constantFrom("imperial", "metric"), (typed, units) => {
        const understood = parseLengthEntry(typed, units);
        const answer = readEntry(typed, units);
        expect("value" in answer).toBe(understood.ok);
        if (!understood.ok) return;
        const kept = valueOfWritten((answer as { value: number | string }).value);
        expect(kept.ok && Math.abs(kept.value - understood.value)).toBeLessThan(1e-4);
      }),
    );
  });

  it("shows a text as written and a number in the job's units", () => {
    expect(showWritten("62.5 cm", "imperial")).toBe("62.5 cm");
    expect(showWritten(254, "imperial")).toBe(`10"`);
    expect(showWritten(254, "metric")).toBe("254 mm");
    expect(showWritten(undefined, "metric")).toBe("");
    expect(inOtherUnits(254, "imperial")).toBe("254 mm");
    expect(parseLength(inOtherUnits(254, "metric"))).toEqual({ ok: true, value: 254 });
  });
});
