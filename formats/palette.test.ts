import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runsOf } from "@/core/tests/runsOf";
import { paletteFormats, readPalette, writePalette } from "./palette";

const colours = fc.array(
  fc.record({
    name: fc
      .string({ minLength: 1, maxLength: 40 })
      // A palette is lines of text: space at its ends and breaks in it are no part of a name, and a table's formulas are told as text.
      .map((name) => `N${name.replace(/\s+/g, " ")}.`),
    hex: fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, "0")}`),
  }),
  { minLength: 1, maxLength: 12 },
);

describe("palettes", () => {
  it("of every kind come back as they went", () => {
    fc.assert(
      fc.property(colours, fc.constantFrom(...paletteFormats), (given, format) => {
        expect(readPalette(writePalette(format, "The Ferry Landing", given))).toEqual({
          ok: true,
          colours: given,
        });
      }),
      runsOf(200),
    );
  });

  it("of a GIMP palette as others write it: comments, columns, Windows lines, no names", () => {
    const text =
      "GIMP Palette\r\nName: Quay\r\nColumns: 4\r\n# by hand\r\n 71  87  63\tKelp\r\n255 255 255\r\n";
    expect(readPalette(text)).toEqual({
      ok: true,
      colours: [
        { name: "Kelp", hex: "#47573f" },
        { name: "#ffffff", hex: "#ffffff" },
      ],
    });
    expect(readPalette("name,hex\nKelp,47573F\n")).toEqual({
      ok: true,
      colours: [{ name: "Kelp", hex: "#47573F" }],
    });
  });

  it("that cannot be read say where", () => {
    const why = (text: string) => {
      const read = readPalette(text);
      return read.ok ? "" : read.why;
    };
    expect(why("GIMP Palette\n#\n300 0 0 Red\n")).toMatch(/^Line 3 is no colour/);
    expect(why("name,hex\nKelp,green\n")).toMatch(/^Row 2 has no colour/);
    expect(why('[{"name":"Kelp"}]')).toMatch(/^Expected a list/);
    expect(why("{nothing")).toMatch(/^It is no JSON/);
    expect(why("hello")).toMatch(/^Expected a GIMP palette/);
    expect(why("GIMP Palette\n")).toBe("There is no colour in it.");
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(() => readPalette(text)).not.toThrow();
      }),
      runsOf(200),
    );
  });
});
