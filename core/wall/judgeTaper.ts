import type { Finding } from "../findings/finding";
import type { LineName } from "../findings/wording";
import type { Curve, Segment } from "../geometry/curve";
import { judgeDifference, visibleTolerance, type Visibility } from "../trade/visibleDifference";
import { unnoticedShare, wedgeZoneMm } from "../trade/constants";
import { isRake } from "./rake";
import type { SideName } from "./wallShape";
import type { Surface } from "./surface";

/** How the strip between a straight line and one side of the wall narrows. mm. */
export interface Taper {
  readonly side: SideName;
  /** The gap at the left end (of a level line) or at the foot (of a plumb one), and at the other end. */
  readonly first: number;
  readonly last: number;
  /** The least and the greatest gap along the line. */
  readonly least: number;
  readonly most: number;
  readonly verdict: Visibility;
  /** From this gap on, the same taper won't show. */
  readonly clearAt: number;
}

/**
 * The taper of a line against one side, seen from a distance (mm). The gap is measured upright from a level line and
 * level from a plumb one; a difference is seen as one of neighbouring widths is. A step in the side is no taper: the
 * stretches on its two sides are judged each for itself, and the worst is told. Null where the side is not beside it.
 */
export function judgeTaper(
  line: Segment,
  side: SideName,
  { sides }: Surface,
  viewingDistance: number,
): Taper | null {
  const along = side === "top" || side === "bottom" ? "x" : "y";
  const stretches = stretchesOf(
    sides.filter((piece) => piece.source === side).map(({ curve }) => curve),
    along,
  );
  const tapers = stretches.flatMap((stretch) => {
    const gaps = gapsAlong(line, stretch, along);
    if (gaps.length < 2) return [];
    const [least, most] = [Math.min(...gaps), Math.max(...gaps)];
    // In the middle of a wall a line is trusted to be level or plumb; only near a side the eye compares.
    const isSeenBeside = least <= wedgeZoneMm;
    const verdict = isSeenBeside
      ? judgeDifference(most - least, visibleTolerance(most, viewingDistance))
      : "won't show";
    const clearAt = Math.min(wedgeZoneMm, (most - least) / unnoticedShare);
    return [{ side, first: gaps[0]!, last: gaps.at(-1)!, least, most, verdict, clearAt }];
  });
  return tapers.reduce<Taper | null>(
    (worst, taper) => (worst && worst.most - worst.least >= taper.most - taper.least ? worst : taper),
    null,
  );
}

/** A taper as a finding at the narrow end of the line that it belongs to. */
export function taperFinding(
  name: LineName,
  line: Segment,
  { side, ...taper }: Taper,
  severity: "note" | "check",
  distance: number,
): Finding {
  const { first, last, least, most, verdict, clearAt } = taper;
  const values = { line: name, against: side, first, last, least, most, verdict, clearAt, distance };
  return { code: "taper-shows", severity, values, at: first < last ? line.a : line.b };
}

type Axis = "x" | "y";
const other = { x: "y", y: "x" } as const;

/** The side's pieces joined where they go on without a step, each in the order of the axis. */
function stretchesOf(curves: readonly Curve[], along: Axis): Curve[][] {
  const ordered = curves
    .filter(({ a, b }) => a[along] !== b[along] && !(along === "x" && isRake(a, b)))
    .map((curve) => (curve.a[along] < curve.b[along] ? curve : { ...curve, a: curve.b, b: curve.a }))
    .sort((p, q) => p.a[along] - q.a[along]);
  const stretches: Curve[][] = [];
  for (const curve of ordered) {
    const last = stretches.at(-1)?.at(-1);
    const goesOn = last && Math.abs(last.b[other[along]] - curve.a[other[along]]) < 0.01;
    if (goesOn) stretches.at(-1)!.push(curve);
    else stretches.push([curve]);
  }
  return stretches;
}

/** Gaps at both ends of the line over a stretch, and at the stretch's corners between. */
function gapsAlong(line: Segment, stretch: readonly Curve[], along: Axis): number[] {
  const across = other[along];
  const [low, high] =
    line.a[along] < line.b[along] ? [line.a[along], line.b[along]] : [line.b[along], line.a[along]];
  const from = Math.max(low, stretch[0]!.a[along]);
  const to = Math.min(high, stretch.at(-1)!.b[along]);
  if (to - from < 1) return [];
  const places = [from, ...stretch.map(({ b }) => b[along]).filter((at) => at > from && at < to), to];
  const on = ({ a, b }: { a: Segment["a"]; b: Segment["a"] }, at: number) =>
    b[along] === a[along]
      ? a[across]
      : a[across] + (b[across] - a[across]) * ((at - a[along]) / (b[along] - a[along]));
  return places.map((at) => {
    const piece = stretch.find(({ b }) => at <= b[along]) ?? stretch.at(-1)!;
    return Math.abs(on(piece, at) - on(line, at));
  });
}
