"use client";

import { EntryField } from "./EntryField";

interface Props {
  readonly label: string;
  readonly value: number | null;
  readonly unit?: string;
  readonly whole?: boolean;
  readonly hint?: string;
  readonly onChange: (value: number) => string | null;
}

/** A plain number. */
export function NumberField({ label, value, unit, hint, whole = false, onChange }: Props) {
  const onEntry = (typed: string) => {
    const text = typed.trim();
    const number = Number(text.replace("−", "-"));
    if (text === "" || !Number.isFinite(number)) return `“${text}” is not a number.`;
    return whole && !Number.isInteger(number) ? "Write a whole number." : onChange(number);
  };
  const shown = value === null ? "" : String(Math.round(value * 100) / 100);
  return (
    <EntryField label={label} shown={shown} unit={unit} hint={hint} inputMode="decimal" onEntry={onEntry} />
  );
}
