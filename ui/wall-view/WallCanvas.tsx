"use client";

import { useEffect, useMemo, useRef } from "react";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Paint } from "@/core/paint/schema";
import { boxOfWall, cornersOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import { drawPrints, type PrintShape } from "./printShapes";
import { asPoints, unpainted } from "./WallDrawing";
import { wallLayers } from "./wallLayers";
import { pathOf } from "./pathOf";
import type { Size, View } from "./useView";

interface Props {
  readonly wall: Wall;
  readonly plan: PlanWall;
  readonly paints: readonly Paint[];
  readonly view: View;
  /** Where the wall's x = 0 and its top are drawn, px on the stage. */
  readonly origin: { readonly x: number; readonly y: number };
  readonly size: Size;
}

/** What lies before the view has moved so far: the picture is pushed about, and drawn anew when the hand rests. */
const restMs = 90;

/**
 * Very many pieces and prints on a canvas under the drawing, in the pixels of the screen: sharp at every zoom. While the
 * view moves the last picture moves with it, which costs nothing.
 */
export function WallCanvas({ wall, plan, paints, view, origin, size }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawn = useRef<{ scale: number; x: number; y: number } | null>(null);
  const drawing = useMemo(() => drawingOf(wall, plan, paints), [wall, plan, paints]);
  const { scale } = view;
  const { x, y } = origin;
  useEffect(() => {
    const element = canvas.current!;
    const paint = () => {
      draw(element, drawing, { scale, x, y }, size);
      drawn.current = { scale, x, y };
      element.style.transform = "";
      element.dataset.drawn = String(Number(element.dataset.drawn ?? 0) + 1);
    };
    const before = drawn.current;
    const isMoved = before !== null && (before.scale !== scale || before.x !== x || before.y !== y);
    if (!isMoved) return paint();
    const grown = scale / before.scale;
    element.style.transform = `translate(${x - before.x * grown}px, ${y - before.y * grown}px) scale(${grown})`;
    const timer = setTimeout(paint, restMs);
    return () => clearTimeout(timer);
  }, [drawing, scale, x, y, size]);
  return (
    <canvas
      ref={canvas}
      aria-hidden="true"
      data-pieces={plan.regions.length}
      className="absolute inset-0 origin-top-left"
      style={{ width: size.width, height: size.height }}
    />
  );
}

/** What is drawn: pieces in the wall's mm with y down from its top, and prints over them. */
interface Drawing {
  readonly top: number;
  readonly pieces: readonly { readonly fill: string; readonly path: Path2D }[];
  readonly prints: readonly PrintShape[];
  readonly hexOf: (paint: string) => string;
}

function drawingOf(wall: Wall, plan: PlanWall, paints: readonly Paint[]): Drawing {
  const top = boxOfWall(wall).maxY;
  const hexOf = (id: string) => paints.find((paint) => paint.id === id)?.hex ?? "#ffffff";
  if (typeof Path2D === "undefined") return { top, pieces: [], prints: [], hexOf };
  const layers = wallLayers(wall, plan);
  return {
    top,
    pieces: [
      { fill: unpainted, path: new Path2D(pathOf(asPoints(cornersOfWall(wall)), top)) },
      ...layers.flatMap((layer) =>
        layer.kind === "pieces" ? [{ fill: hexOf(layer.paint), path: new Path2D(layer.d) }] : [],
      ),
    ],
    prints: layers.flatMap((layer) => (layer.kind === "prints" ? layer.shapes : [])),
    hexOf,
  };
}

function draw(
  canvas: HTMLCanvasElement,
  { top, pieces, prints, hexOf }: Drawing,
  { scale, x, y }: { readonly scale: number; readonly x: number; readonly y: number },
  { width, height }: Size,
): void {
  const density = window.devicePixelRatio || 1;
  const [wide, high] = [Math.round(width * density), Math.round(height * density)];
  if (canvas.width !== wide) canvas.width = wide;
  if (canvas.height !== high) canvas.height = high;
  const context = canvas.getContext("2d");
  if (!context) return;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, wide, high);
  const mm = density * scale;
  context.setTransform(mm, 0, 0, mm, density * x, density * y);
  for (const { fill, path } of pieces) {
    context.fillStyle = fill;
    context.fill(path, "evenodd");
  }
  drawPrints(context, prints, hexOf, [mm, 0, 0, -mm, density * x, density * y + mm * top]);
}
