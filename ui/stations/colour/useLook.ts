import { useEffect, useRef, useState, type RefObject } from "react";
import type { View } from "@/core/look/views";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { lookOf } from "@/ui/wall-view/lookOf";
import { useShownWall } from "@/ui/job/JobProvider";
import { drawLook } from "@/workers/lookClient";
import { useShownPaints } from "./useShownPaints";

export interface Drawn {
  readonly canvas: RefObject<HTMLCanvasElement | null>;
  /** How much of the picture there is as it is to be, 0 to 1; null while nothing is. */
  readonly done: number | null;
}

/** A wall's look drawn onto a canvas, part by part, anew when it or its view changes. `name`: what the canvas is told apart by. */
export function useLook(name: string, wallId: string, view: View): Drawn {
  return useLookOf(name, useShownWall(wallId), view);
}

/** The same of something that is planned apart. */
export function useLookOf(
  name: string,
  found: { readonly wall: Wall; readonly plan: PlanWall | null } | null,
  view: View,
): Drawn {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [done, setDone] = useState<number | null>(null);
  const paints = useShownPaints();
  const [wall, plan] = [found?.wall, found?.plan];
  const asked = JSON.stringify(view);
  useEffect(() => {
    if (!wall || !plan) return;
    let isOver = false;
    const wanted = JSON.parse(asked) as View;
    void drawLook(name, lookOf(wall, plan, paints), wanted, (tile, pixels, share) => {
      const element = canvas.current;
      if (isOver || !element) return;
      // The picture before stays in sight until the first part of the new one.
      if (element.width !== wanted.width) element.width = wanted.width;
      if (element.height !== wanted.height) element.height = wanted.height;
      const context = element.getContext("2d");
      const part = new ImageData(pixels, tile.width, tile.height);
      if (share > 0) context?.putImageData(part, tile.x, tile.y);
      else if (context) drawLarger(context, part);
      setDone(share);
    });
    return () => {
      isOver = true;
    };
  }, [name, wall, plan, paints, asked]);
  return { canvas, done };
}

/** All of a picture from few pixels, until its parts come. */
function drawLarger(context: CanvasRenderingContext2D, picture: ImageData): void {
  const small = document.createElement("canvas");
  [small.width, small.height] = [picture.width, picture.height];
  small.getContext("2d")?.putImageData(picture, 0, 0);
  context.drawImage(small, 0, 0, context.canvas.width, context.canvas.height);
}
