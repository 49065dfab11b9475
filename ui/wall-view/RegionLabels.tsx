import { memo } from "react";
import type { PlanRegion, PlanWall } from "@/core/plan/planTypes";
import { PlateText } from "@/ui/parts/PlateText";
import { textWidth } from "@/ui/parts/textWidth";
import { keepApart, type Wanted } from "./keepApart";
import type { LayerFrame } from "./WallStage";

const leastWidthPx = 15;
/** More pieces than this are told by number, or the wall could not be seen for words. */
const mostNamed = 40;
/** The cells of a grid are told by counting, once there are so many. */
const mostCells = 80;
const numberPx = 11;
const namePx = 12;

/** The number of each region, low on the wall; its name where pieces of several kinds share the wall. */
export const RegionLabels = memo(function RegionLabels({
  plan,
  frame,
}: {
  plan: PlanWall;
  frame: LayerFrame;
}) {
  const { regions } = plan;
  const nouns = new Set(regions.map(({ noun }) => noun));
  const isMixed = nouns.size > 1 && regions.length < mostNamed;
  const wanted = regions.flatMap((region) =>
    region.numbers.length > 1 && regions.length > mostCells ? [] : (labelOf(region, frame, isMixed) ?? []),
  );
  return (
    <g aria-hidden="true" pointerEvents="none">
      {keepApart(wanted).map(({ id, text, x, y, size }) => (
        <PlateText key={id} x={x} y={y} size={size}>
          {text}
        </PlateText>
      ))}
    </g>
  );
});

/** Null for a piece without a number, and for one that is too small to be written on. */
function labelOf(
  { id, numbers, name, outline, label }: PlanRegion,
  frame: LayerFrame,
  isMixed: boolean,
): Wanted | null {
  if (numbers.length === 0) return null;
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of outline) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  const [width, height] = [(right - left) * frame.view.scale, (high - low) * frame.view.scale];
  if (width < leastWidthPx || height < leastWidthPx) return null;
  const middle = { id, x: frame.x(label[0]), y: frame.y(label[1]) + 4 };
  // Where pieces of several kinds share the wall, a number alone does not tell them apart.
  if (isMixed) return textWidth(name, namePx) > width ? null : { texts: [name], ...middle, size: namePx };
  const texts = [numbers.join(".")];
  const isTall = height > width * 2;
  return isTall
    ? { id, texts, x: frame.x((left + right) / 2), y: frame.y(low) - 10, size: numberPx }
    : { texts, ...middle, size: numberPx };
}
