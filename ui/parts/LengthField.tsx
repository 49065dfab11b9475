"use client";

import { parseLengthEntry } from "@/core/measure/parseLengthEntry";
import type { UnitSystem } from "@/core/measure/units";
import type { Ref } from "react";
import type { Aim } from "@/devices/laser/laserMeter";
import { useLaserFields } from "./LaserFields";
import { EntryField } from "./EntryField";
import { inOtherUnits, readEntry, showWritten, valueOfWritten, type WrittenLength } from "./lengthEntry";
import { Measure } from "./Measure";

interface Props {
  readonly label: string;
  readonly written: WrittenLength;
  readonly units: UnitSystem;
  /** Takes the new value in document form; answers what is wrong with it, or null. */
  readonly onChange: (value: number | string) => string | null;
  /** What a laser is pointed at to fill this field; without it the field takes typing alone. */
  readonly aim?: Aim;
  readonly isCell?: boolean;
  /** What the form that it is part of finds wrong with it. */
  readonly refused?: string;
  readonly inputRef?: Ref<HTMLInputElement>;
}

/** A length as a painter would write it, with what the program understood beside its label. */
export function LengthField({ label, written, units, onChange, aim, isCell, refused, inputRef }: Props) {
  const laser = useLaserFields();
  const understoodAs = (typed: string | null) => {
    // What is written is taken at its own worth; only what is being typed is read off the screen.
    const understood = typed === null ? valueOfWritten(written) : parseLengthEntry(typed, units);
    if (!understood.ok) return null;
    return (
      <span className="text-[0.8125rem] whitespace-nowrap text-soft">
        <Measure>{`= ${inOtherUnits(understood.value, units)}`}</Measure>
      </span>
    );
  };
  const onEntry = (typed: string) => {
    const entry = readEntry(typed, units);
    return "problem" in entry ? entry.problem : onChange(entry.value);
  };
  return (
    <EntryField
      label={label}
      shown={isCell ? showWritten(written, units).replace(/ in$/, '"') : showWritten(written, units)}
      aside={understoodAs}
      onEntry={onEntry}
      isCell={isCell}
      refused={refused}
      inputRef={inputRef}
      onFocus={laser && aim ? () => laser.pointAt({ label, aim, fill: onChange }) : undefined}
    />
  );
}
