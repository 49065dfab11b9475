import type { Arrangement } from "../geometry/arrange";
import type { SourcedCurve } from "../geometry/splitCurves";

/** Names that count as the wall's outline; every other source of a surface is an opening's. */
const sides: ReadonlySet<string> = new Set(["left", "right", "top", "bottom"]);
const outline = "outline";

/**
 * Which faces of an arrangement lie on a surface, whose edge is among its curves. Told by walking from the unbounded
 * face over the edges, each crossing of the boundary turning inside to outside; where an opening touches the outline so
 * closely that they share an edge, it is crossed twice there. Unlike a trial of a point this cannot be misled by slivers,
 * so what lies on the surface always adds up to it.
 */
export const facesOnSurface = (
  boundary: readonly SourcedCurve<string>[],
  arrangement: Pick<Arrangement<string>, "faces" | "edges">,
): boolean[] => contoursCrossed(boundary, arrangement).map(({ size }) => size % 2 === 1);

/** As `facesOnSurface`, of a wall's whole outline and its openings, which may overlap and reach beyond it. */
export const facesWithin = (
  curves: readonly SourcedCurve<string>[],
  arrangement: Pick<Arrangement<string>, "faces" | "edges">,
): boolean[] =>
  contoursCrossed(curves, arrangement).map((crossed) => crossed.size === 1 && crossed.has(outline));

/** For each face the contours, outline or openings, that are crossed an odd number of times on the way to it. */
function contoursCrossed(
  curves: readonly SourcedCurve<string>[],
  { faces, edges }: Pick<Arrangement<string>, "faces" | "edges">,
): ReadonlySet<string>[] {
  const contourOf = new Map(curves.map(({ source }) => [source, sides.has(source) ? outline : source]));
  const beside: { readonly to: number; readonly crosses: ReadonlySet<string> }[][] = [];
  /** The unbounded face comes after the others. */
  const unbounded = faces.length;
  for (const { left, right, sources } of edges) {
    const [from, to] = [left ?? unbounded, right ?? unbounded];
    if (from === to) continue;
    const crosses = contoursAmong(sources, contourOf);
    (beside[from] ??= []).push({ to, crosses });
    (beside[to] ??= []).push({ to: from, crosses });
  }
  const within = new Map<number, ReadonlySet<string>>([[unbounded, new Set()]]);
  const queue = [unbounded];
  for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
    const here = within.get(at)!;
    for (const { to, crosses } of beside[at] ?? []) {
      if (within.has(to)) continue;
      within.set(to, crosses.size === 0 ? here : toggle(here, crosses));
      queue.push(to);
    }
  }
  return faces.map((_, face) => within.get(face) ?? new Set());
}

const none: ReadonlySet<string> = new Set();

/** The contours that an edge is a piece of; most are of none. */
function contoursAmong(
  sources: readonly string[],
  contourOf: ReadonlyMap<string, string>,
): ReadonlySet<string> {
  let found: Set<string> | null = null;
  for (const source of sources) {
    const contour = contourOf.get(source);
    if (contour !== undefined) (found ??= new Set()).add(contour);
  }
  return found ?? none;
}

function toggle(set: ReadonlySet<string>, crossed: ReadonlySet<string>): Set<string> {
  const next = new Set(set);
  for (const name of crossed) if (!next.delete(name)) next.add(name);
  return next;
}
