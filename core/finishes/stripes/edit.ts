import { dot, midpoint } from "../../geometry/point";
import { maximumCount } from "../../fit/schema";
import type { Strip } from "../../wall/strip";
import type { FinishContext } from "../defineFinish";
import { fillTool, type Editing, type Handle } from "../editing";
import { designStripes } from "./design";
import { dragStripeLine } from "./dragLine";
import { layOutStripes } from "./layout";
import type { StripesSpec } from "./spec";

/** Every line can be moved, and the finish divides anew; a stripe that is filled takes its paint on in its turn. */
export function editStripes(spec: StripesSpec, strip: Strip, context: FinishContext): Editing {
  const { frame, divided } = layOutStripes(spec, strip, context);
  const { fit } = spec;
  const isKept = fit.by === "width" || fit.by === "anchor";
  const count = divided.divisions.length;
  const nudge = (steps: number) => {
    const wanted = Math.min(maximumCount, Math.max(2, count - steps));
    const wish = fit.by === "near" ? fit.width : fit.by === "spread" ? fit.module : fit.wish;
    return { set: { fit: { by: "count", count: wanted, wish } } };
  };
  const handles = designStripes(spec, strip, context)[0]!.lines.map(({ id, use, path, index }): Handle => ({
    id,
    name: `the line ${use.replace(" | ", " to ")}`,
    at: midpoint(path.a, path.b),
    along: frame.normal,
    path: [path],
    moveTo: (place) => {
      const set = dragStripeLine(spec, strip, context, index, dot(frame.normal, place));
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
