import type { Finding } from "../findings/finding";
import { boxOfContour } from "../geometry/curve";
import type { Pattern, Region } from "../pattern/pattern";
import { isRake } from "../wall/rake";

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
    const where = isRaking(curve.a, curve.b) ? "rake" : side === "top" ? "ceiling" : "floor";
    ends.set(region, (ends.get(region) ?? new Set<Where>()).add(where));
  }
  return ends;
}

/** A piece of a rake is as steep as it, however short. */
const isRaking = (a: { x: number; y: number }, b: { x: number; y: number }): boolean =>
  isRake({ x: a.x * 1e3, y: a.y * 1e3 }, { x: b.x * 1e3, y: b.y * 1e3 });

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
  const found: { readonly region: Region; readonly where: Set<Where>; readonly isTip: boolean }[] = [];
  for (const [index, where] of endsAt(pattern)) {
    const region = regions[index]!;
    const { area, outer } = region.face;
    if (area >= sliverMm2 || area >= shareOfOthers * largest.get(kindOf(region))!) continue;
    const isTip = outer.length === 3 && !where.has("rake");
    if (isTip || where.has("rake") || where.has("floor")) found.push({ region, where, isTip });
  }
  const tips = found.filter(({ isTip }) => isTip);
  const slivers = found.filter(({ isTip }) => !isTip);
  const heightOf = ({ face }: Region): number => {
    const { minY, maxY } = boxOfContour(face.outer);
    return maxY - minY;
  };
  const highest = (of: typeof found) => of.reduce((most, { region }) => Math.max(most, heightOf(region)), 0);
  const leastOf = (of: typeof found) =>
    of.reduce((a, b) => (b.region.face.area < a.region.face.area ? b : a)).region;
  const at = (where: Where) => highest(tips.filter((tip) => tip.where.has(where)));
  return {
    told: new Set(found.map(({ region }) => region)),
    findings: [
      ...(slivers.length === 0
        ? []
        : [
            {
              code: "rake-sliver",
              severity: "check",
              values: {
                pieces: slivers.length,
                areaMm2: leastOf(slivers).face.area,
                height: highest(slivers),
                isRake: slivers.some(({ where }) => where.has("rake")),
              },
              at: leastOf(slivers).at,
            } as const,
          ]),
      ...(tips.length === 0
        ? []
        : [
            {
              code: "tip-sliver",
              severity: "note",
              values: {
                pieces: tips.length,
                areaMm2: leastOf(tips).face.area,
                floor: at("floor"),
                ceiling: at("ceiling"),
              },
              at: leastOf(tips).at,
            } as const,
          ]),
    ],
  };
}
