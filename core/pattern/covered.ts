import { isInsideContour } from "../geometry/contour";
import { boxOfCurve, curveLength, type Box } from "../geometry/curve";
import type { Area } from "../wall/onSurface";
import type { Pattern, PatternEdge, Region } from "./pattern";
import type { Effect } from "./placement";

/** What of it hangs together, and is worked by itself: named after its first region. */
export interface CoveredField extends Area {
  readonly id: string;
  readonly box: Box;
}

/** What of a wall a finish breaks up the paint of. */
export interface Covered extends Area {
  readonly areaM2: number;
  /** From the left, and of those below each other the upper first. */
  readonly fields: readonly CoveredField[];
  /** All around it, openings with it, m: what is masked. */
  readonly edgeM: number;
  readonly box: Box;
  /** There is something else of the pattern beside it. */
  readonly hasNeighbours: boolean;
  /** The paints that it goes over. */
  readonly over: readonly string[];
}

/** The regions under effects together, without the lines between them; null where there are none. */
export function coveredBy(effects: readonly Effect[], { regions, edges }: Pattern): Covered | null {
  const ids = new Set(effects.flatMap((effect) => effect.regions));
  const isIn = regions.map(({ id }) => ids.has(id));
  const own = regions.filter((_, index) => isIn[index]);
  if (own.length === 0) return null;
  const covers = (region: number | null) => region !== null && isIn[region]!;
  const around = edges.filter(({ left, right }) => covers(left) !== covers(right));
  const groupOf = joinedOver(edges, isIn);
  const fieldOf = (group: number): CoveredField => {
    const isOf = (region: number | null) => region !== null && groupOf[region] === group;
    return {
      id: regions[group]!.id,
      ...areaOf(
        regions.filter((_, index) => isIn[index] && groupOf[index] === group),
        around.filter(({ left, right }) => isOf(left) || isOf(right)),
      ),
    };
  };
  const groups = [...new Set(groupOf.filter((_, index) => isIn[index]))];
  const whole = areaOf(own, around);
  const fields = groups.length === 1 ? [{ id: own[0]!.id, ...whole }] : groups.map(fieldOf);
  return {
    ...whole,
    fields: fields.sort((a, b) => a.box.minX - b.box.minX || b.box.maxY - a.box.maxY),
    areaM2: own.reduce((sum, { face }) => sum + face.area, 0) / 1e6,
    edgeM: around.reduce((sum, { curve }) => sum + curveLength(curve), 0) / 1000,
    hasNeighbours: own.length < regions.length,
    over: [...new Set(own.map(({ colour }) => colour))],
  };
}

function areaOf(regions: readonly Region[], curves: readonly PatternEdge[]): Area & { readonly box: Box } {
  const boxes = curves.map(({ curve }) => boxOfCurve(curve));
  return {
    curves,
    contains: (point) =>
      regions.some(
        ({ face: { outer, holes } }) =>
          isInsideContour(point, outer) && !holes.some((hole) => isInsideContour(point, hole)),
      ),
    box: {
      minX: Math.min(...boxes.map(({ minX }) => minX)),
      maxX: Math.max(...boxes.map(({ maxX }) => maxX)),
      minY: Math.min(...boxes.map(({ minY }) => minY)),
      maxY: Math.max(...boxes.map(({ maxY }) => maxY)),
    },
  };
}

/** For each region the first of those that it hangs together with along edges between two that are covered. */
function joinedOver(edges: readonly PatternEdge[], isIn: readonly boolean[]): number[] {
  const first = isIn.map((_, index) => index);
  const rootOf = (region: number): number => {
    while (first[region] !== region) region = first[region]!;
    return region;
  };
  for (const { left, right } of edges) {
    if (left === null || right === null || !isIn[left] || !isIn[right]) continue;
    const [one, other] = [rootOf(left), rootOf(right)];
    first[Math.max(one, other)] = Math.min(one, other);
  }
  return first.map((_, region) => rootOf(region));
}
