import type { Curve } from "@/core/geometry/curve";
import { flattenPath } from "@/core/geometry/flatten";
import type { Point } from "@/core/geometry/point";
import type { LayerFrame } from "@/ui/wall-view/WallStage";

/** Where places of a strip are drawn when one of its walls, `offset` along it, is the one shown. */
export function placingOf(frame: LayerFrame, offset: number) {
  const toPx = ({ x, y }: Point): Point => ({ x: frame.x(x - offset), y: frame.y(y) });
  const toPlace = (px: Point): Point => ({
    x: (px.x - frame.x(0)) / frame.view.scale + offset,
    y: -(px.y - frame.y(0)) / frame.view.scale,
  });
  const pathOf = (curves: readonly Curve[], by: Point = { x: 0, y: 0 }): string =>
    curves
      .map((curve) => {
        const points = flattenPath([curve]).map(({ x, y }) => toPx({ x: x + by.x, y: y + by.y }));
        return `M${points.map(({ x, y }) => `${x} ${y}`).join("L")}`;
      })
      .join("");
  return { toPx, toPlace, pathOf };
}

export type Placing = ReturnType<typeof placingOf>;

/** Places line up with things when they come as close as this on the screen. */
export const snapPx = 8;
