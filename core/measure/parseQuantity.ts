import { normaliseText } from "./normaliseText";
import { numberPattern, parseNumber } from "./parseNumber";
import { m2PerFt2, mlPerUnit, parsed, refused, type Parsed } from "./units";

/** Reads a volume with its unit (ml, L, fl oz, pt, qt, gal; US measures). Answers millilitres. */
export function parseVolume(text: string): Parsed {
  return parseWithUnits(text, mlPerUnit);
}

/** Reads an area with its unit (m2, ft2). Answers square metres. */
export function parseArea(text: string): Parsed {
  return parseWithUnits(text, { m2: 1, "m²": 1, ft2: m2PerFt2, "ft²": m2PerFt2 });
}

function parseWithUnits(text: string, units: Record<string, number>): Parsed {
  const match = new RegExp(String.raw`^(${numberPattern}) ?(\D.*)$`).exec(normaliseText(text));
  if (!match) return refused;
  const unit = match[2]!.toLowerCase();
  if (!Object.hasOwn(units, unit)) return refused;
  const amount = parseNumber(match[1]!);
  return amount === null ? refused : parsed(amount * units[unit]!);
}
