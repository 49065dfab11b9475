"use client";

import { EntryField } from "./EntryField";

interface Props {
  readonly label: string;
  readonly value: string;
  /** Where it stands beside what it is of, its label is for those who listen. */
  readonly isCell?: boolean;
  /** What the form that it is part of finds wrong with it. */
  readonly refused?: string;
  /** It has the focus as it appears. */
  readonly isFirst?: boolean;
  readonly onChange: (value: string) => string | null;
}

/** A line of plain text. */
export function TextField({ label, value, isCell, refused, isFirst, onChange }: Props) {
  return (
    <EntryField
      label={label}
      shown={value}
      isCell={isCell}
      refused={refused}
      isFirst={isFirst}
      onEntry={(typed) => onChange(typed.trim())}
    />
  );
}
