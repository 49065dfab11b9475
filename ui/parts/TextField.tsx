"use client";

import { EntryField } from "./EntryField";

interface Props {
  readonly label: string;
  readonly value: string;
  /** What the form that it is part of finds wrong with it. */
  readonly refused?: string;
  readonly onChange: (value: string) => string | null;
}

/** A line of plain text. */
export function TextField({ label, value, refused, onChange }: Props) {
  return (
    <EntryField label={label} shown={value} refused={refused} onEntry={(typed) => onChange(typed.trim())} />
  );
}
