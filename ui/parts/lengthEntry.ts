import { formatLength, formatSpan } from "@/core/measure/formatLength";
import { normaliseText } from "@/core/measure/normaliseText";
import { numberPattern } from "@/core/measure/parseNumber";
import { parseLength } from "@/core/measure/parseLength";
import { parseLengthEntry } from "@/core/measure/parseLengthEntry";
import type { Parsed, UnitSystem } from "@/core/measure/units";

const bareNumber = new RegExp(`^-?${numberPattern}$`);

/** What a length field holds in its document: mm, or a text as the painter wrote it. */
export type WrittenLength = number | string | undefined;

export function valueOfWritten(written: WrittenLength): Parsed {
  if (typeof written === "number") return { ok: true, value: written };
  return written === undefined ? { ok: false } : parseLength(written);
}

export function showWritten(written: WrittenLength, units: UnitSystem): string {
  if (written === undefined) return "";
  return typeof written === "string" ? written : formatLength(written, units);
}

/** The other system, so that a slip between inches and millimetres is seen at once. */
export function inOtherUnits(mm: number, units: UnitSystem): string {
  return units === "imperial" ? `${Math.round(mm * 10) / 10} mm` : formatSpan(mm, "imperial");
}

/**
 * What an entry becomes in the document, or why it cannot. A text with its unit is kept as written, bare inches
 * get theirs, so that 112 3/8 stays 112 3/8; anything else becomes mm.
 */
export function readEntry(
  typed: string,
  units: UnitSystem,
): { value: number | string } | { problem: string } {
  const understood = parseLengthEntry(typed, units);
  if (!understood.ok) return { problem: explain(typed, units) };
  if (parseLength(typed).ok) return { value: typed.trim() };
  const isBareInches =
    bareNumber.test(normaliseText(typed)) && (units === "imperial" || understood.value !== Number(typed));
  return { value: isBareInches ? `${typed.trim()} in` : Math.round(understood.value * 1e4) / 1e4 };
}

function explain(typed: string, units: UnitSystem): string {
  if (typed.trim() === "") return "Write a length here.";
  const example = units === "imperial" ? `112 3/8 or 9' 4 3/8"` : "2850 or 2.85 m";
  const comma = typed.includes(",") ? " Write decimals with a point." : "";
  return `“${typed.trim()}” is not a length. Write it like ${example}.${comma}`;
}
