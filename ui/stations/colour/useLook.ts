import { useEffect, useRef, useState, type RefObject } from "react";
import type { LookOf } from "@/core/look/scene";
import type { View } from "@/core/look/views";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Paint } from "@/core/paint/schema";
import type { Wall } from "@/core/wall/schema";
import { useJob, useShownWall } from "@/ui/job/JobProvider";
import { drawLook } from "@/workers/lookClient";

interface Drawn {
  readonly canvas: RefObject<HTMLCanvasElement | null>;
  /** How much of the picture there is, 0 to 1. */
  readonly done: number;
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
  const [done, setDone] = useState(0);
  const { paints } = useJob();
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
      element.getContext("2d")?.putImageData(new ImageData(pixels, tile.width, tile.height), tile.x, tile.y);
      setDone(share);
    });
    return () => {
      isOver = true;
    };
  }, [name, wall, plan, paints, asked]);
  return { canvas, done };
}

/** One for a planned wall and its paints, whoever asks for it. */
const kept = new WeakMap<PlanWall, { readonly paints: readonly Paint[]; readonly look: LookOf }>();

function lookOf(wall: Wall, plan: PlanWall, paints: readonly Paint[]): LookOf {
  const before = kept.get(plan);
  if (before?.paints === paints) return before.look;
  const look = { wall, plan, paints: paints.map(({ id, hex }) => ({ id, hex })) };
  kept.set(plan, { paints, look });
  return look;
}
