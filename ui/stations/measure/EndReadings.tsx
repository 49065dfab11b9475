"use client";

import { Plus, X } from "lucide-react";
import type { UnitSystem } from "@/core/measure/units";
import type { SurveyDocument } from "@/ui/job/jobDocument";
import { mmOf } from "@/ui/job/writtenLength";
import { Button } from "@/ui/parts/Button";
import { LengthField } from "@/ui/parts/LengthField";

interface Props {
  readonly end: "left" | "right";
  readonly survey: SurveyDocument;
  readonly units: UnitSystem;
  readonly onChange: (survey: SurveyDocument) => string | null;
}

/** Readings from one plumb line across to the wall's end: at which height, and how far into the wall it stands. */
export function EndReadings({ end, survey, units, onChange }: Props) {
  const readings = survey[end] ?? [];
  const set = (next: typeof readings) => onChange({ ...survey, [end]: next });
  const addTwo = () => {
    const [first] = survey.stations;
    set([
      { y: -mmOf(first?.down), off: 0 },
      { y: mmOf(first?.up), off: 0 },
    ]);
  };
  const addOne = () => {
    const heights = readings.map(({ y }) => mmOf(y)).sort((a, b) => a - b);
    const gaps = heights
      .slice(1)
      .map((y, index) => ({ middle: (y + heights[index]!) / 2, gap: y - heights[index]! }));
    const widest = gaps.sort((a, b) => b.gap - a.gap)[0];
    set([...readings, { y: Math.round(widest?.middle ?? heights[0]! + 500), off: 0 }]);
  };
  return (
    <section aria-label={`${end} end against its plumb line`} className="py-1">
      <div className="flex items-center justify-between">
        <p className="font-semibold">{end === "left" ? "Left end" : "Right end"}</p>
        <Button look="quiet" className="-mr-3 text-sm" onClick={readings.length === 0 ? addTwo : addOne}>
          <Plus size={15} aria-hidden /> {readings.length === 0 ? "It leans" : "Reading"}
        </Button>
      </div>
      {readings.length === 0 && <p className="-mt-1 text-[0.9375rem] text-soft">Taken as plumb.</p>}
      {readings.map((reading, index) => (
        <div key={index} className="grid grid-cols-[1fr_1fr_2rem] gap-x-1.5 py-0.5">
          {(["y", "off"] as const).map((key) => (
            <LengthField
              key={key}
              label={key === "y" ? "Above the line" : "Into the wall"}
              written={reading[key]}
              units={units}
              aim={key === "off" ? { toward: `${end} end`, y: mmOf(reading.y) } : undefined}
              onChange={(value) =>
                set(readings.map((other, place) => (place === index ? { ...other, [key]: value } : other)))
              }
            />
          ))}
          <button
            type="button"
            aria-label={`Remove reading ${index + 1} of the ${end} end`}
            className="mt-6 flex h-11 items-center justify-center rounded-md text-soft hover:bg-violet-wash hover:text-ink"
            onClick={() => set(readings.filter((_, place) => place !== index))}
          >
            <X size={15} aria-hidden />
          </button>
        </div>
      ))}
    </section>
  );
}
