"use client";

import { formatVolume } from "@/core/measure/formatLength";
import { parseVolume } from "@/core/measure/parseQuantity";
import type { VolumeSystem } from "@/core/measure/units";
import { TextField } from "./TextField";

interface Props {
  readonly label: string;
  readonly written: number | string;
  readonly volumes: VolumeSystem;
  readonly onChange: (value: number | string) => string | null;
}

/** A volume as a painter would write it: `250 ml`, `1 L`, `1 qt`; a bare number is millilitres. */
export function VolumeField({ label, written, volumes, onChange }: Props) {
  const shown = typeof written === "string" ? written : formatVolume(written, volumes);
  return (
    <TextField
      label={label}
      value={shown}
      onChange={(text) => {
        if (/^\d+(\.\d+)?$/.test(text)) return onChange(Number(text));
        return parseVolume(text).ok
          ? onChange(text)
          : `“${text}” is not a volume. Write it like 250 ml, 1 L or 1 qt.`;
      }}
    />
  );
}
