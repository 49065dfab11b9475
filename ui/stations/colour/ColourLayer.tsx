"use client";

import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { useLookState } from "./lookState";
import { useLook } from "./useLook";

/** As fine as that, mm a pixel, and no wider than so many pixels. */
const finestMm = 2;
const mostPixels = 1600;

/** The wall square on as it will look, over the drawing. */
export function ColourLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const { box } = frame;
  const lighting = useLookState((state) => state.lighting);
  const [wide, high] = [box.maxX - box.minX, box.maxY - box.minY];
  const width = Math.max(1, Math.round(Math.min(mostPixels, wide / finestMm)));
  const height = Math.max(1, Math.round((width * high) / wide));
  const { canvas, done } = useLook(wallId, { from: { kind: "square" }, lighting, width, height });
  return (
    <g>
      <foreignObject
        x={frame.x(box.minX)}
        y={frame.y(box.maxY)}
        width={wide * frame.view.scale}
        height={high * frame.view.scale}
      >
        <canvas
          ref={canvas}
          role="img"
          aria-label="The wall as it will look, square on: a prediction"
          data-done={done}
          className="block h-full w-full"
        />
      </foreignObject>
    </g>
  );
}
