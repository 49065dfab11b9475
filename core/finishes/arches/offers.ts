import { verdictOf, type Offer } from "../../fit/offer";
import type { Strip } from "../../wall/strip";
import type { ArchesLayout } from "./layout";
import type { ArchesSpec } from "./spec";

const mostOffered = 6;
/** The middle stays this many bands wide at the least, or the smallest arch is too tight for tape. */
const middleBands = 1.5;
const narrowestBandMm = 50;
/** Widths are told to what is easy to find on a tape. */
const easyMm = 5;

interface Way {
  readonly count: number;
  readonly gap: number;
  readonly width: number;
  readonly outer: number;
  readonly middle: number;
}

/**
 * How many bands, how wide and with what gaps, fill the room around the centre: of its radius R one band's width stays as
 * the margin and one and a half of them at least as the middle, so n bands w and n - 1 gaps g fit where
 * R = (n + 2.5) w + (n - 1) g.
 */
export function offerArches({ spec, strip, context }: ArchesLayout): Offer[] {
  const room = roomAround(spec, strip);
  const painted = spec.bands.filter((band) => "colour" in band).length;
  const counts = [painted - 1, painted, painted + 1, painted + 2].filter((count) => count >= 1);
  const ways = counts.flatMap((count) =>
    (count === 1 ? [0] : context.edges.tapes).flatMap((gap): Way[] => {
      const width = Math.floor((room - (count - 1) * gap) / (count + 1 + middleBands) / easyMm) * easyMm;
      const outer = room - width;
      const middle = outer - count * width - (count - 1) * gap;
      return width >= narrowestBandMm ? [{ count, gap, width, outer, middle }] : [];
    }),
  );
  return ways
    .map((way) => offerOf(spec, way, painted))
    .sort((a, b) => b.score - a.score)
    .filter(({ isChosen }, place) => isChosen || place < mostOffered);
}

/** How far the arch may reach from its centre: to the ceiling, the floor and the sides that its angles look at. */
function roomAround({ centre: [x, y], from, to }: ArchesSpec, { extent }: Strip): number {
  const looksAt = (angle: number) => [angle - 360, angle, angle + 360].some((at) => at >= from && at <= to);
  const rooms = [
    ...(looksAt(0) ? [extent.maxX - x] : []),
    ...(looksAt(90) ? [extent.maxY - y] : []),
    ...(looksAt(180) ? [x - extent.minX] : []),
    ...(looksAt(270) ? [y - extent.minY] : []),
  ];
  return Math.floor(Math.min(...rooms, extent.maxX - extent.minX));
}

function offerOf({ bands, outerRadius }: ArchesSpec, way: Way, painted: number): Offer {
  const { count, gap, width, outer, middle } = way;
  const colours = bands.flatMap((band) => ("colour" in band ? [band.colour] : []));
  const laid = Array.from({ length: count }, (_, index) => [
    { width, colour: colours[index % colours.length] ?? "" },
    ...(index < count - 1 ? [{ gap }] : []),
  ]).flat();
  const own = bands.find((band) => "gap" in band);
  const score =
    96 -
    12 * Math.abs(count - painted) -
    (own && "gap" in own ? Math.min(20, Math.abs(own.gap - gap) / 2) : 0);
  return {
    title: { code: "arch-bands", count, width, gap },
    score,
    verdict: verdictOf(score),
    reasons: [
      { code: "arch-room", values: { margin: width, middle } },
      ...(count > 1 ? [{ code: "gap-as-tape", values: { gap } } as const] : []),
    ],
    set: { outerRadius: outer, bands: laid },
    isChosen: outer === outerRadius && JSON.stringify(laid) === JSON.stringify(bands),
  };
}
