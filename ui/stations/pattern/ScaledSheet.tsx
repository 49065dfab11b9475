"use client";

import { useEffect, useRef, useState } from "react";
import { mmPerInch } from "@/core/measure/units";
import type { StencilSheet } from "@/core/stencil/cutSheet";
import { useJob } from "@/ui/job/JobProvider";
import { Choice } from "@/ui/parts/Choice";
import { SheetDrawing } from "./SheetDrawing";

/** How many times its true size it is drawn; null to see all of it. */
const scales = [
  { label: "all of it", times: null },
  { label: "true size", times: 1 },
  { label: "three times", times: 3 },
] as const;

/** A sheet with what falls out and what is thin: all of it, as large as it is, or larger; before it is cut and after. */
export function ScaledSheet({
  sheet,
  overlay,
}: {
  readonly sheet: StencilSheet;
  readonly overlay: string | null;
}) {
  const { units } = useJob();
  const [times, setTimes] = useState<number | null>(null);
  const scroller = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const { current: box } = scroller;
    box?.scrollTo((box.scrollWidth - box.clientWidth) / 2, (box.scrollHeight - box.clientHeight) / 2);
  }, [times]);
  const { minX, maxX, minY, maxY } = sheet.plastic;
  const bar = units === "imperial" ? { mm: 2 * mmPerInch, say: "2 inches" } : { mm: 50, say: "50 mm" };
  return (
    <>
      {times === null ? (
        <SheetDrawing sheet={sheet} overlay={overlay} isMarked className="h-56 w-full" />
      ) : (
        <div
          ref={scroller}
          className="h-72 overflow-auto border border-hairline"
          tabIndex={0}
          role="region"
          aria-label="The sheet, to be scrolled"
        >
          <div style={{ width: `${(maxX - minX) * times}mm`, height: `${(maxY - minY) * times}mm` }}>
            <SheetDrawing sheet={sheet} overlay={overlay} isMarked className="size-full" />
          </div>
        </div>
      )}
      <div className="pt-2">
        <Choice
          label="Sheet drawn"
          options={scales.map((scale) => ({ ...scale, selected: scale.times === times }))}
          onChoose={(scale) => setTimes(scale.times)}
        />
      </div>
      {times !== null && (
        <div className="py-2 text-[0.875rem] text-soft">
          <div className="h-2 border-x-2 border-b-2 border-ink" style={{ width: `${bar.mm}mm` }} />
          {`This line is ${bar.say} long on a screen that tells its size truly; hold a rule to it.`}
        </div>
      )}
    </>
  );
}
