"use client";

import { useCallback, useEffect, useRef } from "react";
import type { Box } from "@/core/geometry/curve";
import { drawPrints, type PrintShape } from "./printShapes";

/** Device pixels along the longer side, at the most. */
const mostPixels = 4096;
/** Drawn anew where it stands so many times as large as it was drawn for, or fewer. */
const mostStretched = 1.25;
/** What lies before a view has moved so far. */
const restMs = 90;

interface Props {
  readonly shapes: readonly PrintShape[];
  readonly fillOf: (paint: string) => string;
  readonly box: Box;
}

/** Very many prints as one bitmap, in the pixels that it takes up on the screen: it costs nothing while the wall is moved. */
export function PrintedBitmap({ shapes, fillOf, box }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawnFor = useRef(0);
  const { minX, maxY } = box;
  const [wide, high] = [box.maxX - minX, maxY - box.minY];
  const draw = useCallback(() => {
    const element = canvas.current!;
    const pixels = pixelsOf(element);
    drawnFor.current = pixels;
    const scale = pixels / Math.max(wide, high);
    element.width = Math.max(1, Math.round(wide * scale));
    element.height = Math.max(1, Math.round(high * scale));
    const context = element.getContext("2d");
    if (context) drawPrints(context, shapes, fillOf, [scale, 0, 0, -scale, -minX * scale, maxY * scale]);
  }, [shapes, fillOf, minX, maxY, wide, high]);
  // It is told before it is first seen, and when it is shown after it was hidden.
  useEffect(() => {
    const observer = new ResizeObserver(draw);
    observer.observe(canvas.current!);
    return () => observer.disconnect();
  }, [draw]);
  // At every render, as the screen alone knows how large it stands when a view is zoomed.
  useEffect(() => {
    const timer = setTimeout(() => {
      const grown = pixelsOf(canvas.current!) / drawnFor.current;
      if (grown > mostStretched || grown < 1 / mostStretched) draw();
    }, restMs);
    return () => clearTimeout(timer);
  });
  return (
    <foreignObject x={minX} y={0} width={wide} height={high} data-prints={shapes.length}>
      <canvas ref={canvas} style={{ width: wide, height: high, display: "block" }} />
    </foreignObject>
  );
}

/** Device pixels along the longer side of what is seen of it; one where it is hidden. */
function pixelsOf(element: HTMLCanvasElement): number {
  const { width, height } = element.getBoundingClientRect();
  return Math.min(mostPixels, Math.max(1, Math.ceil(Math.max(width, height) * window.devicePixelRatio)));
}
