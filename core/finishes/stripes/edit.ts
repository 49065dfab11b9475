import { dot, midpoint } from "../../geometry/point";
import { maximumCount } from "../../fit/schema";
import { fillTool, type Editing, type Handle } from "../editing";
import { designStripes } from "./design";
import { dragStripeLine } from "./dragLine";
import type { StripeLayout } from "./layout";

/** Every line can be moved, and the finish divides anew; a stripe that is filled takes its paint on in its turn. */
export function editStripes(layout: StripeLayout): Editing {
  const { spec, frame, divided } = layout;
  const { fit } = spec;
  const isKept = fit.by === "width" || fit.by === "anchor";
  const count = divided.divisions.length;
  const nudge = (steps: number) => {
    const wanted = Math.min(maximumCount, Math.max(2, count - steps));
    const wish = fit.by === "near" ? fit.width : fit.by === "spread" ? fit.module : fit.wish;
    return { set: { fit: { by: "count", count: wanted, wish } } };
  };
  const handles = designStripes(layout)[0]!.lines.map(({ id, use, between, path, index }): Handle => ({
    id,
    name: between ? `the line ${between[0]} to ${between[1]}` : use,
    at: midpoint(path.a, path.b),
    along: frame.normal,
    path: [path],
    moveTo: (place) => {
      const set = dragStripeLine(layout, index, dot(frame.normal, place));
      return set && { set };
    },
    ...(!isKept && { nudge }),
  }));
  const fill = fillTool((place, paint) => {
    const across = dot(frame.normal, place) - frame.start;
    const division = divided.divisions.findLast(({ from }) => from <= across);
    return division ? { path: ["colours"], set: { [division.colour]: paint } } : null;
  });
  return { handles, tools: [fill] };
}
