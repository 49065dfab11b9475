"use client";

import { RadioGroup } from "radix-ui";
import type { UnitSystem } from "@/core/measure/units";
import { useJob, useJobState } from "@/ui/job/JobProvider";

/** Feet and inches or millimetres, for all of the job. */
export function UnitSwitch() {
  const { units } = useJob();
  const change = useJobState((state) => state.change);
  return (
    <RadioGroup.Root
      aria-label="Units"
      value={units}
      onValueChange={(choice) => change((document) => ({ ...document, units: choice as UnitSystem }))}
      className="flex shrink-0 overflow-hidden rounded-md border border-ink text-[0.875rem] whitespace-nowrap"
    >
      {(["imperial", "metric"] as const).map((choice) => (
        <RadioGroup.Item
          key={choice}
          value={choice}
          className={`min-h-9 px-2.5 max-md:min-h-11 max-md:min-w-11 outline-offset-[-3px] ${units === choice ? "bg-ink font-semibold text-paper" : "bg-paper hover:bg-violet-wash"}`}
        >
          {choice === "imperial" ? "ft in" : "mm"}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
