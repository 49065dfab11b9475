import { normaliseText } from "./normaliseText";
import { numberPattern, parseNumber } from "./parseNumber";
import { parseLength } from "./parseLength";
import { mmPerInch, parsed, refused, type Parsed, type UnitSystem } from "./units";

const bare = new RegExp(`^-?${numberPattern}$`);
const feetThenBare = new RegExp(String.raw`(?:'|ft|feet)[ -]?${numberPattern}$`, "i");

/**
 * Reads what a painter types into a length field: everything that `parseLength` takes, a bare number in the
 * job's own unit (millimetres or inches; a fraction always means inches), `9' 4 3/8` without its last mark,
 * and sums of those. A minus that takes away stands between spaces; one inside "4-3/8" does not.
 */
export function parseLengthEntry(text: string, units: UnitSystem): Parsed {
  const parts = normaliseText(text).split(/ ?(\+) ?| (-) /);
  let total = 0;
  let sign = 1;
  for (const part of parts) {
    if (part === undefined) continue;
    if (part === "+" || part === "-") {
      sign = part === "+" ? 1 : -1;
      continue;
    }
    const term = parseTerm(part, units);
    if (!term.ok) return refused;
    total += sign * term.value;
  }
  return parsed(total);
}

function parseTerm(term: string, units: UnitSystem): Parsed {
  const strict = parseLength(term);
  if (strict.ok) return strict;
  if (feetThenBare.test(term)) return parseLength(`${term}"`);
  if (!bare.test(term)) return refused;
  const negative = term.startsWith("-");
  const value = parseNumber(negative ? term.slice(1) : term);
  if (value === null) return refused;
  const size = units === "imperial" || term.includes("/") ? value * mmPerInch : value;
  return parsed(negative ? -size : size);
}
