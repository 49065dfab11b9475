import type { Cure } from "../../findings/finding";
import { segment } from "../../geometry/curve";
import { intersectCurves } from "../../geometry/intersectCurves";
import { add, distance, scale, subtract, type Point } from "../../geometry/point";
import { placeTolerance } from "../../wall/outline";
import type { Strip } from "../../wall/strip";
import { written } from "../editing";
import { edgesOf, type TapedSegment } from "./layLines";
import type { TapeLinesSpec } from "./spec";

/** Draws a line that ends in mid-wall straight on to the next line or edge. */
export function drawOn(
  { id, lines }: TapeLinesSpec,
  laid: readonly TapedSegment[],
  at: Point,
  strip: Strip,
): Cure | undefined {
  for (const taped of laid) {
    const end = taped.ends.find((key) => distance(taped.path[key], at) < 2 * placeTolerance);
    const line = lines[taped.line];
    if (!end || !Array.isArray(line)) continue;
    const before = taped.path[end === "a" ? "b" : "a"];
    const { minX, maxX, minY, maxY } = strip.extent;
    const reach = scale(subtract(at, before), (maxX - minX + maxY - minY) / distance(at, before));
    const ray = segment(at, add(at, reach));
    const others = laid.filter((other) => other.line !== taped.line).map(({ path }) => path);
    const [next] = [...others, ...edgesOf(strip)]
      .flatMap((curve) => intersectCurves(ray, curve, placeTolerance))
      .map(({ point }) => point)
      .filter((point) => distance(point, at) > 1)
      .sort((p, q) => distance(p, at) - distance(q, at));
    if (!next) continue;
    const key = end === "a" ? 0 : line.length - 1;
    return {
      kind: "draw-on",
      count: 0,
      finish: id,
      path: ["lines", taped.line],
      set: { [key]: written(next) },
    };
  }
  return undefined;
}
