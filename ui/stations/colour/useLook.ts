import { useEffect, useMemo, useRef, useState, type RefObject } from "react";
import type { View } from "@/core/look/views";
import { useJob, useShownWall } from "@/ui/job/JobProvider";
import { createLook } from "@/workers/lookClient";

/** A wall's look drawn onto a canvas, part by part, anew when it or its view changes. `done`: how much of it, 0 to 1. */
export function useLook(
  wallId: string,
  view: View,
): { readonly canvas: RefObject<HTMLCanvasElement | null>; readonly done: number } {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [done, setDone] = useState(0);
  const look = useRef<ReturnType<typeof createLook> | null>(null);
  const found = useShownWall(wallId);
  const { paints } = useJob();
  const [wall, plan] = [found?.wall, found?.plan];
  const of = useMemo(
    () => (wall && plan ? { wall, plan, paints: paints.map(({ id, hex }) => ({ id, hex })) } : null),
    [wall, plan, paints],
  );
  const asked = JSON.stringify(view);
  useEffect(() => {
    if (!of) return;
    look.current ??= createLook();
    let isOver = false;
    const wanted = JSON.parse(asked) as View;
    // The picture before stays in sight until the first part of the new one.
    let isFirst = true;
    void look.current.draw(keyOf(of), of, wanted, (tile, pixels, share) => {
      const element = canvas.current;
      if (isOver || !element) return;
      if (isFirst && (element.width !== wanted.width || element.height !== wanted.height)) {
        element.width = wanted.width;
        element.height = wanted.height;
      }
      isFirst = false;
      element.getContext("2d")?.putImageData(new ImageData(pixels, tile.width, tile.height), tile.x, tile.y);
      setDone(share);
    });
    return () => {
      isOver = true;
    };
  }, [of, asked]);
  useEffect(
    () => () => {
      look.current?.end();
      look.current = null;
    },
    [],
  );
  return { canvas, done };
}

/** The same wall asked for again is not laid out in cells again. */
const keys = new WeakMap<object, string>();
let count = 0;
function keyOf(of: object): string {
  const known = keys.get(of) ?? String(++count);
  keys.set(of, known);
  return known;
}
