import { roundToDivision } from "../measure/roundToDivision";
import { maximumCount, type Fit } from "./schema";

/** One stripe of a divided span, in mm from the span's start. */
export interface Division {
  readonly from: number;
  readonly to: number;
  /** The width it would have if no edge cut it. */
  readonly whole: number;
  /** Its place in the cycle of colours. */
  readonly colour: number;
}

export interface DividedSpan {
  readonly divisions: readonly Division[];
  /** Set when the fit was "best": which centring was kept. */
  readonly centre?: "stripe" | "joint";
  /** True when the ends that were asked for cannot be had. */
  readonly endsImpossible?: boolean;
  /** Set, with no divisions, when there would be more than the limit. */
  readonly tooMany?: number;
}

export interface DivideInput {
  readonly span: number;
  readonly fit: Fit;
  /** Paint ids in turn. */
  readonly colours: readonly string[];
  /** One a colour, or absent when all are equal. */
  readonly widths?: readonly number[];
  readonly tapeDivision: number;
  /** Where the span starts on the axis that an anchor is given on. */
  readonly start: number;
}

/** An end division under this many mm is dropped (`job-format.md`). */
export const vanishingEnd = 0.01;

/** Divides a span into stripes as one of the five fits asks. All lengths in mm. */
export function divideSpan(input: DivideInput): DividedSpan {
  const { fit, span, start } = input;
  switch (fit.by) {
    case "count":
      return divideWhole(input, fit.count);
    case "near":
      return divideNear(input, fit.width, fit.ends);
    case "width":
      return fit.centre === "best"
        ? divideBest(input, fit.width)
        : divideCentred(input, fit.width, fit.centre);
    case "anchor":
      return layCycle(span, fit.at - start, cycleOf(input, fit.width));
    case "spread":
      return divideSpread(input, fit.module);
    default:
      return fit satisfies never;
  }
}

/** Widths of one cycle of colours; a given width stands for all of them. */
function cycleOf({ colours, widths }: DivideInput, width: number | undefined): readonly number[] {
  return widths ?? colours.map(() => width!);
}

const at = <Value>(list: readonly Value[], index: number): Value =>
  list[((index % list.length) + list.length) % list.length]!;

/** `count` stripes that fill the span: equal, or the cycle of widths scaled. */
function divideWhole({ span, colours, widths }: DivideInput, count: number): DividedSpan {
  const cycle = widths ?? colours.map(() => 1);
  const lengthTo = lengthsOf(cycle);
  const total = lengthTo(count);
  const edges = Array.from({ length: count + 1 }, (_, index) => (span * lengthTo(index)) / total);
  return {
    divisions: Array.from({ length: count }, (_, index) => ({
      from: edges[index]!,
      to: index === count - 1 ? span : edges[index + 1]!,
      whole: (span * at(cycle, index)) / total,
      colour: index % cycle.length,
    })),
  };
}

/** Tells the length of the first so many members of a repeating cycle. */
function lengthsOf(cycle: readonly number[]): (count: number) => number {
  const sums = [0];
  for (const width of cycle) sums.push(sums.at(-1)! + width);
  const period = sums[cycle.length]!;
  return (count) => Math.floor(count / cycle.length) * period + sums[count % cycle.length]!;
}

function divideNear(
  input: DivideInput,
  width: number | undefined,
  ends: "same" | "different" | "any",
): DividedSpan {
  const fitting = nearestCount(input, width, ends);
  return fitting === null
    ? { ...divideWhole(input, nearestCount(input, width, "any")!), endsImpossible: true }
    : divideWhole(input, fitting);
}

/**
 * The count whose width (or scale of the cycle) is nearest the one asked for, among counts with the wanted
 * ends; of two equally near the smaller count, whose stripes are wider. Null when no count has such ends.
 */
export function nearestCount(
  { span, colours, widths }: Pick<DivideInput, "span" | "colours" | "widths">,
  width: number | undefined,
  ends: "same" | "different" | "any",
): number | null {
  const lengthTo = widths && lengthsOf(widths);
  // Widths fall as counts grow, so the best lies beside the exact share; the colours repeat within their number.
  const exact = lengthTo ? (span / lengthTo(colours.length)) * colours.length : span / width!;
  const reach = 2 * colours.length + 2;
  const middle = Math.min(maximumCount, Math.max(1, Math.round(exact)));
  const most = Math.min(maximumCount, middle + reach);
  let best: { count: number; off: number } | null = null;
  for (let count = Math.max(1, middle - reach); count <= most; count++) {
    const alike = colours[0] === at(colours, count - 1);
    if (ends !== "any" && alike !== (ends === "same")) continue;
    const off = lengthTo ? Math.abs(span / lengthTo(count) - 1) : Math.abs(span / count - width!);
    if (best === null || off < best.off - 1e-9) best = { count, off };
  }
  return best?.count ?? null;
}

function divideCentred(
  input: DivideInput,
  width: number | undefined,
  centre: "stripe" | "joint" | "none",
): DividedSpan {
  const cycle = cycleOf(input, width);
  const middle = input.span / 2;
  const origin = { none: 0, joint: middle, stripe: middle - cycle[0]! / 2 }[centre];
  const laid = layCycle(input.span, origin, cycle);
  // Equal stripes: the first, even a part, takes the first colour. With widths the colour goes with the width.
  if (input.widths) return laid;
  return {
    ...laid,
    divisions: laid.divisions.map((division, index) => ({ ...division, colour: index % cycle.length })),
  };
}

function divideBest(input: DivideInput, width: number | undefined): DividedSpan {
  const [stripe, joint] = (["stripe", "joint"] as const).map((centre) => divideCentred(input, width, centre));
  if (stripe!.tooMany || joint!.tooMany) return { ...(stripe!.tooMany ? stripe! : joint!), centre: "stripe" };
  if (smallerEnd(stripe!) >= smallerEnd(joint!)) return { ...stripe!, centre: "stripe" };
  return { ...joint!, centre: "joint" };
}

function smallerEnd({ divisions }: DividedSpan): number {
  const [first, last] = [divisions[0]!, divisions.at(-1)!];
  return Math.min(first.to - first.from, last.to - last.from);
}

/** Lays a repeating cycle of widths over the span so that its first member starts at `origin`. */
function layCycle(span: number, origin: number, cycle: readonly number[]): DividedSpan {
  const lengthTo = lengthsOf(cycle);
  const period = lengthTo(cycle.length);
  const expected = Math.ceil((span / period) * cycle.length);
  if (expected > maximumCount + cycle.length) return { divisions: [], tooMany: expected };
  const divisions: Division[] = [];
  // Start a whole cycle before the span, so that floating point cannot lose the first part.
  const firstPeriod = Math.floor(-origin / period) - 1;
  for (let index = firstPeriod * cycle.length; ; index++) {
    const begin = origin + Math.floor(index / cycle.length) * period + lengthTo(mod(index, cycle.length));
    if (begin > span - vanishingEnd) break;
    const whole = at(cycle, index);
    const end = begin + whole;
    if (end < vanishingEnd) continue;
    divisions.push({
      from: begin < vanishingEnd ? 0 : begin,
      to: end > span - vanishingEnd ? span : end,
      whole,
      colour: mod(index, cycle.length),
    });
  }
  return divisions.length > maximumCount ? { divisions: [], tooMany: divisions.length } : { divisions };
}

const mod = (value: number, base: number): number => ((value % base) + base) % base;

/**
 * An easily read module; the small remainder is lost over the gaps. Boundary k stands at k x module plus
 * k / n of the remainder, that share rounded to the tape division.
 */
function divideSpread({ span, colours, tapeDivision }: DivideInput, module: number): DividedSpan {
  const count = Math.max(1, Math.ceil(span / module - 0.5 - 1e-12));
  if (count > maximumCount) return { divisions: [], tooMany: count };
  const rest = span - count * module;
  const edge = (index: number) =>
    index === count ? span : index * module + roundToDivision((index * rest) / count, tapeDivision);
  return {
    divisions: Array.from({ length: count }, (_, index) => ({
      from: edge(index),
      to: edge(index + 1),
      whole: edge(index + 1) - edge(index),
      colour: index % colours.length,
    })),
  };
}
