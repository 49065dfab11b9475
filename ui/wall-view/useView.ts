"use client";

import { useGesture } from "@use-gesture/react";
import { useCallback, useLayoutEffect, useMemo, useRef, useState } from "react";

/** How the wall lies in the stage: px per mm, and where its top left corner is drawn. */
export interface View {
  readonly scale: number;
  readonly left: number;
  readonly top: number;
}

export interface Size {
  readonly width: number;
  readonly height: number;
}

const roomyMargin = { left: 62, top: 62, right: 26, bottom: 52 };
const narrowMargin = { left: 46, top: 48, right: 8, bottom: 40 };
/** On a narrower stage the wall takes all of it, and nothing is written around it. */
export const narrowPx = 500;
const firstSize: Size = { width: 760, height: 560 };
const zoomRange = { out: 0.5, in: 40 };

/** What of the stage is kept free around the wall, px. */
export interface Margins {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export const noRoom: Margins = { left: 0, top: 0, right: 0, bottom: 0 };

function fitView(wall: Size, stage: Size, asked: Margins): View {
  const isNarrow = stage.width < narrowPx;
  const [usual, room] = isNarrow ? [narrowMargin, noRoom] : [roomyMargin, asked];
  const margin = {
    left: usual.left + room.left,
    top: usual.top + room.top,
    right: usual.right + room.right,
    bottom: usual.bottom + room.bottom,
  };
  const roomX = Math.max(60, stage.width - margin.left - margin.right);
  const roomY = Math.max(60, stage.height - margin.top - margin.bottom);
  const scale = Math.min(roomX / wall.width, roomY / wall.height);
  return {
    scale,
    left: margin.left + (roomX - wall.width * scale) / 2,
    top: margin.top + (roomY - wall.height * scale) / 2,
  };
}

/** Pan and zoom of the stage by wheel, drag, pinch and keys. Until it is moved, the wall fits the stage, less what is kept free. */
export function useView(wall: Size, room: Margins) {
  const stage = useRef<HTMLDivElement>(null);
  const [measured, setMeasured] = useState<Size | null>(null);
  const size = measured ?? firstSize;
  const [moved, setMoved] = useState<View | null>(null);
  const { width, height } = wall;
  const fitted = useMemo(() => fitView({ width, height }, size, room), [width, height, size, room]);
  const view = moved ?? fitted;

  useLayoutEffect(() => {
    const element = stage.current;
    if (!element) return;
    const { clientWidth, clientHeight } = element;
    setMeasured({ width: clientWidth, height: clientHeight });
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setMeasured((before) =>
        before?.width === width && before.height === height ? before : { width, height },
      );
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const zoom = useCallback(
    (factor: number, at?: { x: number; y: number }) => {
      setMoved((before) => {
        const from = before ?? fitted;
        const scale = Math.min(
          fitted.scale * zoomRange.in,
          Math.max(fitted.scale * zoomRange.out, from.scale * factor),
        );
        const point = at ?? { x: size.width / 2, y: size.height / 2 };
        const grown = scale / from.scale;
        return {
          scale,
          left: point.x - (point.x - from.left) * grown,
          top: point.y - (point.y - from.top) * grown,
        };
      });
    },
    [fitted, size],
  );

  useGesture(
    {
      onDrag: ({ delta: [dx, dy], event }) => {
        if ((event.target as Element).closest("[data-draggable]")) return;
        setMoved((before) => {
          const from = before ?? fitted;
          return { ...from, left: from.left + dx, top: from.top + dy };
        });
      },
      onWheel: ({ event, delta: [, dy] }) => {
        event.preventDefault();
        const box = stage.current!.getBoundingClientRect();
        zoom(Math.exp(-dy / 400), { x: event.clientX - box.left, y: event.clientY - box.top });
      },
      onPinch: ({ delta: [change], origin: [x, y] }) => {
        const box = stage.current!.getBoundingClientRect();
        zoom(1 + change, { x: x - box.left, y: y - box.top });
      },
    },
    { target: stage, eventOptions: { passive: false }, drag: { filterTaps: true } },
  );

  return {
    stage,
    size,
    isMeasured: measured !== null,
    view,
    zoom,
    isFitted: moved === null,
    fit: () => setMoved(null),
  };
}
