import { normaliseText } from "./normaliseText";
import { numberPattern, parseNumber } from "./parseNumber";
import { inchesPerFoot, mmPerInch, parsed, refused, type Parsed } from "./units";

const mmPerMetricUnit: Record<string, number> = { mm: 1, cm: 10, m: 1000 };
const metric = new RegExp(String.raw`^(-?)(\d+(?:\.\d+)?|\.\d+) ?(mm|cm|m)$`, "i");
const feet = String.raw`(?:'|ft\.?|feet|foot)`;
const inches = String.raw`(?:"|in\.?|inch|inches)`;
const imperial = new RegExp(
  String.raw`^(-?)(?:(${numberPattern}) ?${feet}(?:[ -]?(${numberPattern}) ?${inches})?|(${numberPattern}) ?${inches})$`,
  "i",
);

/**
 * Reads a length that carries its unit, as `job-format.md` fixes it: "3.2 m", "62.5 cm", "840 mm",
 * `9' 4 3/8"`, "9 ft 4-3/8 in", "112.375in". Answers millimetres.
 * Refuses anything else, also `9' 14"` and `9.5' 3"`, which are more likely slips than lengths.
 */
export function parseLength(text: string): Parsed {
  const plain = normaliseText(text);
  const inMetric = metric.exec(plain);
  if (inMetric) {
    const size = Number(inMetric[2]) * mmPerMetricUnit[inMetric[3]!.toLowerCase()]!;
    return parsed(inMetric[1] ? -size : size);
  }
  const match = imperial.exec(plain);
  if (!match) return refused;
  const [, minus, feetText, inchesText = match[4]] = match;
  const wholeFeet = feetText === undefined ? 0 : parseNumber(feetText);
  const restInches = inchesText === undefined ? 0 : parseNumber(inchesText);
  if (wholeFeet === null || restInches === null) return refused;
  const both = feetText !== undefined && inchesText !== undefined;
  if (both && (!Number.isInteger(wholeFeet) || restInches >= inchesPerFoot)) return refused;
  const size = (wholeFeet * inchesPerFoot + restInches) * mmPerInch;
  return parsed(minus ? -size : size);
}

/** Why feet with inches are no length, where that can be told: the inches make a foot more, or the feet are no whole ones. */
export function whyNoLength(text: string): string | null {
  const match = imperial.exec(normaliseText(text));
  const [, , feetText, inchesText] = match ?? [];
  if (feetText === undefined || inchesText === undefined) return null;
  const [whole, rest] = [parseNumber(feetText), parseNumber(inchesText)];
  if (whole === null || rest === null) return null;
  if (!Number.isInteger(whole)) return `feet that are not whole (${feetText}) have no inches beside them`;
  if (rest < inchesPerFoot) return null;
  const over = Math.floor(rest / inchesPerFoot);
  const left = rest - over * inchesPerFoot;
  return `${inchesText} inches are more than a foot; write ${whole + over}' ${left}" if that is meant`;
}
