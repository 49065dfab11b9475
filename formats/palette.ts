import Papa from "papaparse";
import * as z from "zod";
import { hexSchema } from "@/core/colour/hexSchema";
import { csvOf } from "./csv";

/** A colour with its name, as palettes hold them. */
export interface NamedColour {
  readonly name: string;
  readonly hex: string;
}

export const paletteFormats = ["gpl", "csv", "json"] as const;
export type PaletteFormat = (typeof paletteFormats)[number];

const paletteFormat = "jacaranda-palette/1";
const firstLine = "GIMP Palette";
/** A line of a GIMP palette: red, green, blue, and perhaps a name. */
const gplLine = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/;
export const mostColours = 200;

/** Colours as a palette: a GIMP palette, CSV with the columns name and hex, or JSON. */
export function writePalette(format: PaletteFormat, title: string, colours: readonly NamedColour[]): string {
  switch (format) {
    case "gpl":
      return [
        firstLine,
        `Name: ${oneLine(title)}`,
        "Columns: 0",
        "#",
        ...colours.map(
          ({ name, hex }) =>
            `${digitsOf(hex)
              .map((digit) => String(digit).padStart(3))
              .join(" ")}\t${oneLine(name)}`,
        ),
        "",
      ].join("\n");
    case "csv":
      return csvOf(
        ["name", "hex"],
        colours.map(({ name, hex }) => [name, hex]),
      );
    case "json":
      return `${JSON.stringify({ format: paletteFormat, name: title, colours }, null, 2)}\n`;
    default:
      return format satisfies never;
  }
}

const oneLine = (text: string) => text.replace(/\s+/g, " ").trim();
const digitsOf = (hex: string): number[] => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
const hexOf = (digits: readonly number[]): string =>
  `#${digits.map((digit) => digit.toString(16).padStart(2, "0")).join("")}`;

export type ReadPalette =
  | { readonly ok: true; readonly colours: readonly NamedColour[] }
  /** Why it cannot be read, in a sentence. */
  | { readonly ok: false; readonly why: string };

/** Reads a palette that anyone may have made; of which kind it is, it tells itself. */
export function readPalette(text: string): ReadPalette {
  const content = text.replace(/^\uFEFF/, "").trimStart();
  const read = content.startsWith(firstLine)
    ? readGpl(content)
    : /^[{[]/.test(content)
      ? readJson(content)
      : readCsv(content);
  if (!read.ok) return read;
  if (read.colours.length === 0) return { ok: false, why: "There is no colour in it." };
  return read.colours.length <= mostColours
    ? read
    : { ok: false, why: `It has ${read.colours.length} colours; at most ${mostColours} are taken.` };
}

function readGpl(text: string): ReadPalette {
  const colours: NamedColour[] = [];
  for (const [index, line] of text.split(/\r?\n/).entries()) {
    if (index === 0 || line.trim() === "" || /^\s*#|^(Name|Columns|Channels):/i.test(line)) continue;
    const match = gplLine.exec(line);
    const digits = match?.slice(1, 4).map(Number) ?? [];
    if (!match || digits.some((digit) => digit > 255))
      return {
        ok: false,
        why: `Line ${index + 1} is no colour: expected red, green and blue, 0 to 255, and a name.`,
      };
    const hex = hexOf(digits);
    colours.push({ name: match[4]?.trim() || hex, hex });
  }
  return { ok: true, colours };
}

const jsonColours = z.array(z.object({ name: z.string().max(200).optional(), hex: hexSchema }));
const jsonPalette = z.union([
  jsonColours,
  z.object({ colours: jsonColours }).transform(({ colours }) => colours),
]);

function readJson(text: string): ReadPalette {
  try {
    const read = jsonPalette.safeParse(JSON.parse(text));
    if (!read.success)
      return {
        ok: false,
        why: 'Expected a list of { "name": "Kelp", "hex": "#47573F" }, or that as "colours".',
      };
    return { ok: true, colours: read.data.map(({ name, hex }) => ({ name: name ?? hex, hex })) };
  } catch {
    return { ok: false, why: "It is no JSON, no GIMP palette, and no table with the columns name and hex." };
  }
}

function readCsv(text: string): ReadPalette {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: true,
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  if (!meta.fields?.includes("hex"))
    return { ok: false, why: "Expected a GIMP palette, JSON, or a table with the columns name and hex." };
  const colours: NamedColour[] = [];
  for (const [index, { name, hex = "" }] of data.entries()) {
    const read = hexSchema.safeParse(hex.trim().startsWith("#") ? hex.trim() : `#${hex.trim()}`);
    if (!read.success)
      return {
        ok: false,
        why: `Row ${index + 2} has no colour in its column hex: expected one such as #4C5B45.`,
      };
    colours.push({ name: name?.trim() || read.data, hex: read.data });
  }
  return { ok: true, colours };
}
