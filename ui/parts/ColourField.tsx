interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (hex: string) => void;
  /** A chip among others: its label is for those who listen. */
  readonly isChip?: boolean;
}

/** A colour, picked by eye. */
export function ColourField({ label, value, onChange, isChip = false }: Props) {
  const field = (
    <input
      type="color"
      aria-label={isChip ? label : undefined}
      className={`h-11 rounded-md border border-hairline bg-paper p-1 ${isChip ? "w-11 shrink-0" : "w-full"}`}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    />
  );
  if (isChip) return field;
  return (
    <label className="block">
      <span className="small-caps-label block pb-1">{label}</span>
      {field}
    </label>
  );
}
