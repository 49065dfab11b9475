import { verdictOf, type Offer } from "../../fit/offer";
import type { Reason } from "../../findings/reasons";
import { segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import type { Strip } from "../../wall/strip";
import { nameOf } from "../../wall/surface";
import { tidy } from "../editing";
import type { BandsLayout } from "./layout";

/** A height with a reason: what stands there. */
interface Height {
  readonly at: number;
  readonly thing: string;
  readonly edge: "lower" | "upper" | "middle";
}

const mostOffered = 6;
/** A near miss counts more against a height than the sliver it leaves. */
const cost = { miss: 25, sliver: 15 } as const;

/**
 * Heights that give the first band a reason: on a sill or a head, under it, on the top of furniture, or with its middle at
 * a plate's. Each with what its edges then just miss; the best first.
 */
export function offerHeights({ spec, strip }: BandsLayout): Offer[] {
  const [band] = spec.bands;
  if (spec.datum !== "level" || !band || band.from === undefined || band.to === undefined) return [];
  const { from, to } = band;
  const size = to - from;
  const { minX, maxX, minY, maxY } = strip.extent;
  const obstacles = obstaclesOf(strip);
  const others = spec.bands.slice(1);
  const offers = heightsOn(strip).flatMap((height): { offer: Offer; moved: number }[] => {
    const low = { lower: height.at, upper: height.at - size, middle: height.at - size / 2 }[height.edge];
    const isFree = others.every(
      (other) => other.to === undefined || other.to <= low || other.from! >= low + size,
    );
    if (low < minY || low + size > maxY || !isFree) return [];
    const lines = [low, low + size].map((y) => segment({ x: minX, y }, { x: maxX, y }));
    const relations = relateLines(lines, obstacles);
    const reasons = relations.flatMap(({ kind, gap, obstacle: { thing } }): Reason[] => {
      if (kind === "meets") return [];
      return [{ code: kind === "near-miss" ? "just-misses" : "leaves-sliver", values: { thing, gap } }];
    });
    const off = relations.reduce(
      (sum, { kind }) => sum + (kind === "near-miss" ? cost.miss : kind === "sliver" ? cost.sliver : 0),
      0,
    );
    const score = Math.max(0, 100 - off);
    const bands = [{ ...band, from: tidy(low), to: tidy(low + size) }, ...others];
    const clear: Reason[] = reasons.length === 0 ? [{ code: "clears-all", values: {} }] : [];
    const offer: Offer = {
      title: { code: "band-at", ...height },
      score,
      verdict: verdictOf(score),
      reasons: [...reasons, ...clear],
      set: { bands },
      isChosen: Math.abs(low - from) < 0.5,
    };
    // In whole mm, so that the last bits decide nothing.
    return [{ offer, moved: Math.round(Math.abs(low - from)) }];
  });
  return offers
    .sort((a, b) => b.offer.score - a.offer.score || a.moved - b.moved)
    .map(({ offer }) => offer)
    .filter(({ isChosen }, place) => isChosen || place < mostOffered);
}

function heightsOn({ parts }: Strip): Height[] {
  return parts.flatMap(({ wall }) => [
    ...wall.openings.flatMap((opening): Height[] => {
      const { y, height, casing } = opening;
      const name = nameOf(opening);
      return [
        { at: y - casing, thing: `the foot of ${name}`, edge: "upper" },
        { at: y + height + casing, thing: `the head of ${name}`, edge: "lower" },
      ];
    }),
    ...wall.fixtures.map((fixture): Height => {
      const { y, height, kind } = fixture;
      return kind === "plate"
        ? { at: y + height / 2, thing: `the middle of ${nameOf(fixture)}`, edge: "middle" }
        : { at: y + height, thing: `the top of ${nameOf(fixture)}`, edge: "lower" };
    }),
  ]);
}
