import * as z from "zod";
import { parseLength, whyNoLength } from "./parseLength";
import { parseArea, parseVolume } from "./parseQuantity";
import { refused, type Parsed } from "./units";

export const expectations = {
  length: `expected millimetres as a number, or a text with its unit such as "3.2 m", "840 mm" or "9' 4 3/8\\""`,
  area: `expected square metres as a number, or a text with its unit such as "0.5 m2" or "4 ft2"`,
  volume: `expected millilitres as a number, or a text with its unit such as "250 ml", "1 L" or "8 fl oz"`,
} as const;

export interface Range {
  readonly min: number;
  readonly max: number;
}

/** Coordinates reach at most 1 km from the datum; wall sides 1 mm to 100 m (`job-format.md`). */
export const coordinateRange: Range = { min: -1e6, max: 1e6 };
export const wallSideRange: Range = { min: 1, max: 1e5 };
export const sizeRange: Range = { min: 0, max: 1e5 };
/** A painted division: as fine as a tape line can be drawn, as wide as a wall. */
export const divisionRange: Range = { min: 0.1, max: 1e5 };

/** A length in a document: a number of mm, or a text with its unit; parses to mm within the range. */
export function lengthSchema(range: Range) {
  return quantitySchema(parseLength, range, "length", "mm");
}

/** A volume in a document; parses to ml. */
export function volumeSchema(range: Range) {
  return quantitySchema(parseVolume, range, "volume", "ml");
}

/** An area in a document; parses to m2. */
export function areaSchema(range: Range) {
  return quantitySchema(parseArea, range, "area", "m2");
}

function quantitySchema(
  parse: (text: string) => Parsed,
  range: Range,
  what: keyof typeof expectations,
  unit: string,
) {
  return z
    .union([z.number(), z.string()], {
      error: (issue) => `${quote(issue.input)} is not a ${what}; ${expectations[what]}`,
    })
    .transform((input, context) => {
      const answer: Parsed = typeof input === "number" ? { ok: true, value: input } : read(parse, input);
      if (!answer.ok) {
        const isShort = typeof input === "string" && input.length <= longestQuantity;
        const why = what === "length" && isShort ? whyNoLength(input) : null;
        const message = `${quote(input)} is not a ${what}; ${why ?? expectations[what]}`;
        context.addIssue({ code: "custom", message });
        return z.NEVER;
      }
      if (answer.value < range.min || answer.value > range.max) {
        const message = `${quote(input)} is out of range; expected ${range.min} to ${range.max} ${unit}`;
        context.addIssue({ code: "custom", message });
        return z.NEVER;
      }
      return answer.value;
    })
    .meta({ description: `${unit}, or a text with its unit`, minimum: range.min, maximum: range.max });
}

/** No length is longer than this in characters; no pattern is tried on what is. */
const longestQuantity = 60;
const read = (parse: (text: string) => Parsed, text: string): Parsed =>
  text.length > longestQuantity ? refused : parse(text);

const longestQuote = 60;

const ageUnits = { h: 60, d: 1440, w: 10_080 } as const;

/** How long ago something was, in a document: "36 h", "2 d", "3 weeks"; parses to minutes. */
export const ageSchema = z
  .string()
  .regex(/^\d{1,5}([.,]\d{1,3})?\s*(h|hours?|d|days?|w|weeks?)$/, {
    error: `expected how long ago, such as "36 h", "2 d" or "3 weeks"`,
  })
  .transform((text) => {
    const unit = /[hdw]/.exec(text)![0] as keyof typeof ageUnits;
    return parseFloat(text.replace(",", ".")) * ageUnits[unit];
  });

/** A short JSON rendering of an input for an error message. */
export function quote(input: unknown): string {
  const text = input === undefined ? "nothing" : (JSON.stringify(input) ?? String(input));
  // Half of a pair is no character.
  return text.length > longestQuote
    ? `${text.slice(0, longestQuote).replace(/[\ud800-\udbff]$/, "")}...`
    : text;
}

/** Text on one line, without what no screen shows and no file keeps. */
const lineSchema = z.string().refine((text) => !/[\u0000-\u001f\u007f\u2028\u2029]/.test(text), {
  error: "holds a line break or a control character; expected text on one line",
});

/** What something is called. */
export const nameSchema = (longest = 120) => lineSchema.max(longest);

/** An id is up to 64 characters on one line, and not "." or "..", which addresses take for folders. */
export const idSchema = lineSchema
  .min(1)
  .max(64)
  .refine((id) => id !== "." && id !== "..", { error: "is a folder in addresses; expected another id" });
