"use client";

import { ToggleGroup } from "radix-ui";
import { useId } from "react";
import { soldTapesMm, tapeWidthMm } from "@/core/trade/constants";
import { nameOfTape } from "@/core/work/sundries";
import { useJob, useJobState } from "@/ui/job/JobProvider";

/** Which widths of tape the painter can get; the usual roll for edges is always among them. */
export function TapeWidths() {
  const { edges, units } = useJob();
  const change = useJobState((state) => state.change);
  const id = useId();
  const keep = (values: readonly string[]) => {
    const tapes = soldTapesMm.filter((mm) => mm === tapeWidthMm || values.includes(String(mm)));
    change((before) => ({ ...before, edges: { ...before.edges, tapes } }));
  };
  return (
    <div className="col-span-2">
      <span id={id} className="small-caps-label block pb-1">
        Tape that can be had
      </span>
      <ToggleGroup.Root
        type="multiple"
        aria-labelledby={id}
        value={edges.tapes.map(String)}
        onValueChange={keep}
        className="flex flex-wrap gap-1.5"
      >
        {soldTapesMm.map((mm) => (
          <ToggleGroup.Item
            key={mm}
            value={String(mm)}
            disabled={mm === tapeWidthMm}
            className="min-h-11 rounded-md border border-hairline bg-paper px-2.5 text-[0.9375rem] hover:border-violet data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-paper"
          >
            {nameOfTape(mm, units)}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
