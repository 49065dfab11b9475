import type { Reason } from "../findings/reasons";
import type { Relation } from "../wall/clearance";
import type { DividedSpan, Division } from "./divideSpan";
import type { CandidateInput } from "./candidateInput";
import { steppedError, worstReadingError } from "./proof";
import { judgeDifference, visibleTolerance } from "../trade/visibleDifference";

/** How good a division is: the higher the score the better, out of 100. */
export interface Judgement {
  readonly score: number;
  readonly verdict: "good" | "fair" | "poor";
  readonly count: number;
  /** Width of a whole division; null when colours have their own widths. */
  readonly width: number | null;
  readonly ends: "same" | "different";
  readonly endWidths: readonly [number, number];
  readonly reasons: readonly Reason[];
  readonly misses: readonly Relation[];
  /** What a line just misses or leaves a sliver beside, by name. */
  readonly troubled: ReadonlySet<string>;
}

/**
 * Points off, by how much each fault is seen from where people stand. The weights order the faults (a part
 * end under half is worst, then near misses, then slivers and remainders); they are the program's judgement.
 */
const cost = {
  perPercentOffWish: 0.6,
  underHalf: 30,
  nearMiss: 18,
  sliver: 10,
  willShow: 15,
  mayShow: 6,
  partEnds: 8,
  unequalEnds: 6,
  otherEnds: 12,
  endsDiffer: 2,
  hardToRead: 1,
} as const;
const mostCounted = 3;

/** Judges one way to divide; `formerMisses` are what the present division just misses. */
export function judgeDivision(
  input: CandidateInput,
  divided: DividedSpan,
  wish: number | undefined,
  formerMisses: readonly Relation[],
): Judgement {
  const { divisions } = divided;
  const [first, last] = [divisions[0], divisions.at(-1)];
  if (!first || !last) {
    return {
      score: 0,
      verdict: "poor",
      count: 0,
      width: null,
      ends: "same",
      endWidths: [0, 0],
      reasons: [],
      misses: [],
      troubled: new Set(),
    };
  }
  const relations = input.relate(divisions.slice(1).map((division) => division.from));
  // In the order in which a painter would want to hear the reasons.
  const faults = [
    judgeEnds(input, first, last),
    judgeClearance(relations, formerMisses),
    judgeRemainder(input, divisions),
    judgeWidth(input, divisions, wish),
  ];
  const score = Math.max(0, Math.round((100 - faults.reduce((sum, fault) => sum + fault.cost, 0)) * 10) / 10);
  const alike = input.colours[first.colour] === input.colours[last.colour];
  return {
    score,
    verdict: score >= 85 ? "good" : score >= 65 ? "fair" : "poor",
    count: divisions.length,
    width: input.widths ? null : wholeWidth(divisions),
    ends: alike ? "same" : "different",
    endWidths: [widthOf(first), widthOf(last)],
    reasons: faults.flatMap((fault) => fault.reasons),
    misses: relations.filter((relation) => relation.kind === "near-miss"),
    troubled: new Set(
      relations.filter((relation) => relation.kind !== "meets").map((relation) => relation.obstacle.thing),
    ),
  };
}

interface Fault {
  readonly cost: number;
  readonly reasons: readonly Reason[];
}

export const widthOf = ({ from, to }: Division): number => to - from;

/** Whether an edge of the span cuts a division (by more than places can differ). */
export const isPart = (division: Division): boolean => division.whole - widthOf(division) > 0.01;

export const isUnderHalf = (division: Division): boolean => widthOf(division) < division.whole / 2 - 1e-6;

function wholeWidth(divisions: readonly Division[]): number {
  return (divisions.find((division) => !isPart(division)) ?? divisions[0]!).whole;
}

function judgeEnds({ colours, wantedEnds }: CandidateInput, first: Division, last: Division): Fault {
  const [start, end] = [colours[first.colour]!, colours[last.colour]!];
  const alike = start === end;
  const reasons: Reason[] = [
    alike
      ? { code: "ends-alike", values: { paint: start } }
      : { code: "ends-differ", values: { first: start, last: end } },
  ];
  let points = alike ? 0 : cost.endsDiffer;
  if (wantedEnds !== "any" && alike !== (wantedEnds === "same")) points += cost.otherEnds;
  const widths = [widthOf(first), widthOf(last)] as const;
  if (isPart(first) || isPart(last)) {
    reasons.push({ code: "part-ends", values: { first: widths[0], last: widths[1] } });
    points += cost.partEnds + (Math.abs(widths[0] - widths[1]) > 1 ? cost.unequalEnds : 0);
  }
  const under = [first, last].filter(isUnderHalf);
  if (under.length > 0) {
    reasons.push({ code: "ends-under-half", values: { end: Math.min(...under.map(widthOf)) } });
    points += cost.underHalf;
  }
  return { cost: points, reasons };
}

function judgeWidth(input: CandidateInput, divisions: readonly Division[], wish: number | undefined): Fault {
  if (wish === undefined) return { cost: 0, reasons: [] };
  const { tapeDivision, start, fit } = input;
  const width = wholeWidth(divisions);
  const reasons: Reason[] = [];
  const off = width - wish;
  // What the tape cannot show is not told.
  if (Math.abs(off) >= Math.max(0.5, tapeDivision / 2)) {
    reasons.push({ code: "width-off", values: { difference: Math.abs(off), wider: off > 0 } });
  }
  let points = (cost.perPercentOffWish * 100 * Math.abs(off)) / wish;
  const whole = divisions.filter((division) => !isPart(division)).length;
  const stepped = fit.by === "spread" ? 0 : steppedError(width, whole, tapeDivision);
  if (Math.abs(stepped) > tapeDivision / 2) {
    const positions = divisions.slice(1).map((division) => division.from + start);
    const worst = worstReadingError(positions, tapeDivision);
    reasons.push({ code: "stepping-costs", values: { stepped, worst } });
    points += cost.hardToRead;
  } else {
    reasons.push({ code: "reads-easily", values: { module: fit.by === "spread" ? fit.module : width } });
  }
  return { cost: points, reasons };
}

function judgeRemainder({ viewingDistance, widths }: CandidateInput, divisions: readonly Division[]): Fault {
  if (widths) return { cost: 0, reasons: [] };
  const whole = divisions.filter((division) => !isPart(division)).map(widthOf);
  if (whole.length < 2) return { cost: 0, reasons: [] };
  const difference = Math.max(...whole.slice(1).map((width, index) => Math.abs(width - whole[index]!)));
  const verdict = judgeDifference(difference, visibleTolerance(whole[0]!, viewingDistance));
  if (verdict === "won't show") return { cost: 0, reasons: [] };
  return {
    cost: verdict === "may show" ? cost.mayShow : cost.willShow,
    reasons: [{ code: "remainder-seen", values: { difference } }],
  };
}

function judgeClearance(relations: readonly Relation[], formerMisses: readonly Relation[]): Fault {
  const misses = relations.filter((relation) => relation.kind === "near-miss");
  const missed = new Set(misses.map((relation) => relation.obstacle));
  const slivers = relations.filter(
    (relation) => relation.kind === "sliver" && !missed.has(relation.obstacle),
  );
  const cleared = new Set(
    formerMisses
      .map(({ obstacle }) => obstacle.thing)
      .filter((thing) => misses.every((miss) => miss.obstacle.thing !== thing)),
  );
  return {
    cost:
      cost.nearMiss * Math.min(mostCounted, misses.length) +
      cost.sliver * Math.min(mostCounted, slivers.length),
    reasons: [
      ...misses.slice(0, 1).map(({ obstacle, gap }): Reason => ({
        code: "just-misses",
        values: { thing: obstacle.thing, gap },
      })),
      ...slivers.slice(0, 1).map(({ obstacle, gap }): Reason => ({
        code: "leaves-sliver",
        values: { thing: obstacle.thing, gap },
      })),
      ...[...cleared].map((thing): Reason => ({ code: "clears", values: { thing } })),
    ],
  };
}
