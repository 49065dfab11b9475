import { divide, roomInCorners, type StencilBorderLayout } from "./layout";
import { legsOf } from "./legs";

/** Further off, it is another border, mm. */
const mostMovedMm = 150;

/**
 * How far off a thing, or off the edges, the whole repeats of every side meet by a stretch that nobody sees: the nearest to
 * the distance that it has, in divisions of the tape, not so near that prints lie over the thing or the edge. Null along a
 * wall, and where there is none within half a repeat.
 */
export function meetingGap({ spec, strip, legs, sheet, context }: StencilBorderLayout): {
  readonly gap: number;
  readonly along: object;
} | null {
  const { along } = spec;
  const way = "around" in along ? "gap" : "inside" in along ? "inside" : null;
  if (way === null) return null;
  const now = "around" in along ? along.gap : "inside" in along ? along.inside : 0;
  const { repeat } = sheet.stencil;
  const least = Math.min(now, way === "gap" ? -sheet.cuts.minY : sheet.cuts.maxY);
  const { minX, maxX, minY, maxY } = strip.extent;
  // Around a door the way ends under the floor, where nothing is printed.
  const lowest = legs.some(({ points }) => points.some(({ y }) => y <= minY)) ? -Infinity : minY;
  const meets = (gap: number): boolean => {
    const at = { ...spec, along: { ...along, [way]: gap } as typeof along };
    const moved = legsOf(at, strip, roomInCorners(spec, context));
    return (
      moved.length === legs.length &&
      moved.every(({ points }) =>
        points.every(({ x, y }) => x > minX && x < maxX && y > lowest && y < maxY),
      ) &&
      moved
        .filter(({ points }) => points.some(({ y }) => y > minY))
        .every((leg) => divide(leg, repeat.x, "stretch", context.viewingDistance).verdict === "won't show")
    );
  };
  const step = context.tapeDivision;
  const most = Math.min(mostMovedMm, repeat.x / 2) / step;
  for (let moved = 1; moved <= most; moved++) {
    const near = Math.round(now / step) * step;
    for (const gap of [near + moved * step, near - moved * step])
      if (gap >= least && meets(gap)) return { gap, along: { ...along, [way]: gap } };
  }
  return null;
}
