"use client";

import { useState } from "react";
import type { UnitSystem } from "@/core/measure/units";
import type { WallDocument } from "@/ui/job/jobDocument";
import { LengthField } from "@/ui/parts/LengthField";

type Diagonals = NonNullable<WallDocument["diagonals"]>;

interface Props {
  readonly written: WallDocument;
  readonly units: UnitSystem;
  readonly onEdit: (update: (wall: WallDocument) => WallDocument) => string | null;
}

const words = { rising: "Diagonal rising", falling: "Diagonal falling" } as const;

/** The two diagonals from corner to corner, which prove squareness and the survey; kept once both are read. */
export function DiagonalReadings({ written, units, onEdit }: Props) {
  const [half, setHalf] = useState<Partial<Diagonals>>({});
  const read = written.diagonals ?? half;
  const set = (key: keyof Diagonals, value: number | string): string | null => {
    const next: Partial<Diagonals> = { ...read, [key]: value };
    const { rising, falling } = next;
    setHalf(next);
    if (rising === undefined || falling === undefined) return null;
    return onEdit((before) => ({ ...before, diagonals: { rising, falling } }));
  };
  return (
    <>
      {(["rising", "falling"] as const).map((key) => (
        <LengthField
          key={key}
          label={words[key]}
          written={read[key]}
          units={units}
          aim={{ toward: "thing", about: null }}
          onChange={(value) => set(key, value)}
        />
      ))}
    </>
  );
}
