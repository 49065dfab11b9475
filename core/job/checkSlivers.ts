import type { Finding } from "../findings/finding";
import { boxOfContour } from "../geometry/curve";
import type { Pattern, Region } from "../pattern/pattern";
import { isSteep } from "../wall/rake";

/** A piece smaller than that, and than a quarter of the others of its kind, is a sliver, mm2. */
const sliverMm2 = 10_000;
const shareOfOthers = 0.25;

type Where = "rake" | "floor" | "ceiling";

/** Where a region ends at floor, ceiling or a rake. */
function endsAt({ edges }: Pattern): Map<number, Set<Where>> {
  const ends = new Map<number, Set<Where>>();
  for (const { curve, left, right, sources } of edges) {
    const region = left === null ? right : right === null ? left : null;
    const side = sources.find((source) => source === "top" || source === "bottom");
    if (region === null || side === undefined) continue;
    const where = isSteep(curve.a, curve.b) ? "rake" : side === "top" ? "ceiling" : "floor";
    ends.set(region, (ends.get(region) ?? new Set<Where>()).add(where));
  }
  return ends;
}

interface Sliver {
  readonly region: Region;
  readonly where: ReadonlySet<Where>;
  readonly isTip: boolean;
}

const heightOf = ({ region }: Sliver): number => {
  const { minY, maxY } = boxOfContour(region.face.outer);
  return maxY - minY;
};
const highest = (of: readonly Sliver[]): number => of.reduce((most, one) => Math.max(most, heightOf(one)), 0);
const leastOf = (of: readonly Sliver[]): Region =>
  of.reduce((a, b) => (b.region.face.area < a.region.face.area ? b : a)).region;

/** Slivers at a rake or the skirting, and the triangles that tips leave at floor and ceiling, each with the shift that loses them. */
export function checkSlivers(pattern: Pattern): {
  readonly findings: Finding[];
  readonly told: ReadonlySet<Region>;
} {
  const { regions } = pattern;
  const largest = new Map<string, number>();
  const kindOf = ({ finish, noun }: Region) => `${finish ?? ""} ${noun}`;
  for (const region of regions)
    largest.set(kindOf(region), Math.max(largest.get(kindOf(region)) ?? 0, region.face.area));
  const found: Sliver[] = [];
  for (const [index, where] of endsAt(pattern)) {
    const region = regions[index]!;
    const { area, outer } = region.face;
    if (area >= sliverMm2 || area >= shareOfOthers * largest.get(kindOf(region))!) continue;
    const isTip = outer.length === 3 && !where.has("rake");
    if (isTip || where.has("rake") || where.has("floor")) found.push({ region, where, isTip });
  }
  return {
    told: new Set(found.map(({ region }) => region)),
    findings: [
      ...tellSlivers(found.filter(({ isTip }) => !isTip)),
      ...tellTips(found.filter(({ isTip }) => isTip)),
    ],
  };
}

function tellSlivers(slivers: readonly Sliver[]): Finding[] {
  if (slivers.length === 0) return [];
  const least = leastOf(slivers);
  const values = {
    pieces: slivers.length,
    areaMm2: least.face.area,
    height: highest(slivers),
    isRake: slivers.some(({ where }) => where.has("rake")),
  };
  return [{ code: "rake-sliver", severity: "check", values, at: least.at }];
}

function tellTips(tips: readonly Sliver[]): Finding[] {
  if (tips.length === 0) return [];
  const least = leastOf(tips);
  const at = (side: Where) => highest(tips.filter(({ where }) => where.has(side)));
  const values = {
    pieces: tips.length,
    areaMm2: least.face.area,
    floor: at("floor"),
    ceiling: at("ceiling"),
  };
  return [{ code: "tip-sliver", severity: "note", values, at: least.at }];
}
