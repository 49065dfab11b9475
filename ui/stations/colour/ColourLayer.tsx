"use client";

import { useJob } from "@/ui/job/JobProvider";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { lookedAtOn } from "./lookedAt";
import { LookedLayer } from "./LookedLayer";
import { useLookState } from "./lookState";
import { LookCanvas } from "./LookCanvas";
import { PinnedBoards } from "./PinnedBoards";
import { useLook } from "./useLook";

/** As fine as that, mm a pixel, and no wider than so many pixels. */
const finestMm = 2;
const mostPixels = 1600;
const stepPx = 256;

/** The wall square on as it will look, over the drawing. */
export function ColourLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const { box } = frame;
  const job = useJob();
  const lighting = useLookState((state) => state.lighting);
  const [wide, high] = [box.maxX - box.minX, box.maxY - box.minY];
  // As many pixels as are shown, in steps, so that a zoom by a little draws nothing anew; no finer than the wall's cells.
  const shown = Math.ceil((wide * frame.view.scale * (globalThis.devicePixelRatio ?? 1)) / stepPx) * stepPx;
  const width = Math.max(1, Math.round(Math.min(mostPixels, wide / finestMm, shown)));
  const height = Math.max(1, Math.round((width * high) / wide));
  const drawn = useLook("square", wallId, { from: { kind: "square" }, lighting, width, height });
  return (
    <g>
      <foreignObject
        x={frame.x(box.minX)}
        y={frame.y(box.maxY)}
        width={wide * frame.view.scale}
        height={high * frame.view.scale}
      >
        <LookCanvas drawn={drawn} label="The wall as it will look, square on" className="h-full w-full" />
      </foreignObject>
      <PinnedBoards wallId={wallId} frame={frame} />
      {lookedAtOn(job, wallId).length > 0 && <LookedLayer wallId={wallId} frame={frame} />}
    </g>
  );
}
