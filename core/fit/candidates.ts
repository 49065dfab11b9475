import type { CandidateInput } from "./candidateInput";
import type { Reason } from "../findings/reasons";
import { mmPerInch } from "../measure/units";
import { roundToDivision } from "../measure/roundToDivision";
import { divideSpan, nearestCount, type DivideInput, type DividedSpan } from "./divideSpan";
import { judgeDivision, type Judgement } from "./judgeDivision";
import { maximumCount, type Fit } from "./schema";

/** One way to divide the span, judged. */
export interface Candidate extends Judgement {
  readonly fit: Fit;
  readonly divided: DividedSpan;
  readonly reasons: readonly Reason[];
}

const mostOffered = 9;

/** Ways to divide the span, best first. Ties go to the width nearest the wish, then to the first line. */
export function rankCandidates(input: CandidateInput): Candidate[] {
  const wish = wishOf(input);
  const current = judgeDivision(input, divideSpan(input), wish, []);
  const seen: Int32Array[] = [];
  const candidates: Candidate[] = [];
  for (const fit of proposeFits(input, wish)) {
    const divided = divideSpan({ ...input, fit });
    if (divided.divisions.length === 0 || divided.endsImpossible) continue;
    const places = placesOf(divided);
    if (seen.some((other) => isSame(places, other))) continue;
    seen.push(places);
    candidates.push({ fit, divided, ...judgeDivision({ ...input, fit }, divided, wish, current.misses) });
  }
  return candidates
    .sort(
      (a, b) =>
        b.score - a.score ||
        offWish(a, wish) - offWish(b, wish) ||
        // Where the first line stands does not depend on the datum that an anchor is written from.
        firstLine(a) - firstLine(b) ||
        compareText(JSON.stringify(a.fit), JSON.stringify(b.fit)),
    )
    .slice(0, mostOffered);
}

/** Where divisions start, in hundredths of a mm, and the first one's colour: two ways that agree in these are one. */
const placesOf = ({ divisions }: DividedSpan): Int32Array =>
  Int32Array.from([divisions[0]!.colour, ...divisions.map(({ from }) => Math.round(from * 100))]);

const isSame = (a: Int32Array, b: Int32Array): boolean =>
  a.length === b.length && a.every((place, index) => place === b[index]);

/** In whole thousandths of a mm, so that the last bits of a division decide nothing. */
const offWish = ({ width }: Candidate, wish = 0): number => Math.round(Math.abs((width ?? 0) - wish) * 1e3);

const firstLine = ({ divided }: Candidate): number => Math.round((divided.divisions[1]?.from ?? 0) * 1e3);

const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The stripe width that offers stay near: what was first asked for, or what there is. */
export function wishOf({ fit, span, widths }: DivideInput): number | undefined {
  if (widths) return undefined;
  switch (fit.by) {
    case "count":
      return fit.wish ?? span / fit.count;
    case "near":
      return fit.width;
    case "width":
    case "anchor":
      return fit.wish ?? fit.width;
    case "spread":
      return fit.wish ?? fit.module;
    default:
      return fit satisfies never;
  }
}

function proposeFits(input: CandidateInput, wish: number | undefined): Fit[] {
  const { span, colours, features, start } = input;
  const around = nearestCount(input, wish, "any")!;
  const reach = input.widths ? colours.length : 2;
  const counts = Array.from({ length: 2 * reach + 1 }, (_, index) => around - reach + index)
    .concat([nearestCount(input, wish, "same") ?? around, nearestCount(input, wish, "different") ?? around])
    .filter((count) => count >= 1 && count <= maximumCount);
  const module = readableModule(span / around, input.tapeDivision);
  const anchors = features.flatMap(({ at, kind }) =>
    kind === "centre" && wish !== undefined ? [at + start, at + start - wish / 2] : [at + start],
  );
  return [
    input.fit,
    ...counts.map((count): Fit => ({ by: "count", count, wish })),
    ...(["joint", "stripe"] as const).map((centre): Fit => ({ by: "width", width: wish, centre, wish })),
    ...(module === null || input.widths ? [] : [{ by: "spread", module, wish } as const]),
    ...anchors.map((at): Fit => ({ by: "anchor", width: wish, at, wish })),
  ];
}

/**
 * The module near an exact width that is easiest to find on the tape: a multiple of a quarter inch on an
 * inch tape, of 5 mm on a metric one. Null for widths too small to have one.
 */
function readableModule(exact: number, tapeDivision: number): number | null {
  const binaryInches = mmPerInch / tapeDivision;
  const step = Math.abs(binaryInches - Math.round(binaryInches)) < 1e-9 ? mmPerInch / 4 : 5;
  const module = roundToDivision(exact, step);
  return module < 4 * step ? null : module;
}
