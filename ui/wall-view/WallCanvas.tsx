"use client";

import { useEffect, useMemo, useRef } from "react";
import type { PlanWall } from "@/core/job/planTypes";
import type { Paint } from "@/core/paint/schema";
import { boxOfWall, cornersOfWall } from "@/core/wall/boxOfWall";
import type { Wall } from "@/core/wall/schema";
import { printShapes, type PrintShape } from "./Prints";
import { asPoints, pathsByColour, unpainted } from "./WallDrawing";
import { pathOf } from "./pathOf";
import type { Size, View } from "./useView";

/** So many pieces and prints are drawn as shapes of the document; more go onto the canvas. */
const mostShapes = 300;

export const isForCanvas = ({ regions, prints = [] }: PlanWall): boolean =>
  regions.length + prints.reduce((sum, { list }) => sum + list.length, 0) > mostShapes;

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
  const shapes = useMemo(() => shapesOf(wall, plan, paints), [wall, plan, paints]);
  const { scale } = view;
  const { x, y } = origin;
  useEffect(() => {
    const element = canvas.current!;
    const paint = () => {
      draw(element, shapes, { scale, x, y }, size);
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
  }, [shapes, scale, x, y, size]);
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

interface Shape {
  readonly fill: string;
  readonly path: Path2D;
  /** Of a print: how it is placed from the wall's datum, y up. */
  readonly placed?: { readonly top: number; readonly matrix: PrintShape["matrix"] };
}

/** In the wall's mm, y down from its top; prints in their own, y up. */
function shapesOf(wall: Wall, plan: PlanWall, paints: readonly Paint[]): Shape[] {
  if (typeof Path2D === "undefined") return [];
  const top = boxOfWall(wall).maxY;
  const hexOf = (id: string) => paints.find((paint) => paint.id === id)?.hex ?? "#ffffff";
  const outlines = new Map<string, Path2D>();
  const outline = (d: string) => {
    const known = outlines.get(d) ?? new Path2D(d);
    outlines.set(d, known);
    return known;
  };
  return [
    { fill: unpainted, path: new Path2D(pathOf(asPoints(cornersOfWall(wall)), top)) },
    ...[...pathsByColour(plan.regions, top)].map(([colour, d]) => ({
      fill: hexOf(colour),
      path: new Path2D(d),
    })),
    ...printShapes(plan, hexOf).map(({ fill, d, matrix }) => ({
      fill,
      path: outline(d),
      placed: { top, matrix },
    })),
  ];
}

function draw(
  canvas: HTMLCanvasElement,
  shapes: readonly Shape[],
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
  for (const { fill, path, placed } of shapes) {
    context.setTransform(density * scale, 0, 0, density * scale, density * x, density * y);
    if (placed) {
      context.transform(1, 0, 0, -1, 0, placed.top);
      context.transform(...placed.matrix);
    }
    context.fillStyle = fill;
    context.fill(path, "evenodd");
  }
}
