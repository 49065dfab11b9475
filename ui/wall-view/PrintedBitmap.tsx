"use client";

import { useEffect, useRef } from "react";
import type { Box } from "@/core/geometry/curve";
import type { PrintShape } from "./Prints";

/** Device pixels along the longer side, at the most. */
const mostPixels = 4096;

/** Very many prints as one bitmap, which costs nothing while the wall is moved. */
export function PrintedBitmap({
  shapes,
  box,
}: {
  readonly shapes: readonly PrintShape[];
  readonly box: Box;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [wide, high] = [box.maxX - box.minX, box.maxY - box.minY];
  const scale = mostPixels / Math.max(wide, high);
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, context.canvas.width, context.canvas.height);
    const paths = new Map<string, Path2D>();
    for (const { fill, d, matrix } of shapes) {
      let path = paths.get(d);
      if (!path) paths.set(d, (path = new Path2D(d)));
      context.setTransform(scale, 0, 0, -scale, -box.minX * scale, box.maxY * scale);
      context.transform(...matrix);
      context.fillStyle = fill;
      context.fill(path, "evenodd");
    }
  });
  return (
    <foreignObject x={box.minX} y={0} width={wide} height={high} data-prints={shapes.length}>
      <canvas
        ref={canvas}
        width={Math.max(1, Math.round(wide * scale))}
        height={Math.max(1, Math.round(high * scale))}
        style={{ width: wide, height: high, display: "block" }}
      />
    </foreignObject>
  );
}
