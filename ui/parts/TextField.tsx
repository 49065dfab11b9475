"use client";

import { EntryField } from "./EntryField";

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => string | null;
}

/** A line of plain text. */
export function TextField({ label, value, onChange }: Props) {
  return <EntryField label={label} shown={value} onEntry={(typed) => onChange(typed.trim())} />;
}
