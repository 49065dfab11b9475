const sizes = { 3: "size-3", 4: "size-4", 5: "size-5", 7: "size-7" } as const;

interface Props {
  readonly colour: string | null | undefined;
  readonly size?: keyof typeof sizes;
  readonly className?: string;
}

/** A client's colour as a chip; its name stands beside it. */
export function Swatch({ colour, size = 4, className = "" }: Props) {
  if (!colour) return null;
  return (
    <span
      aria-hidden="true"
      className={`inline-block shrink-0 rounded-full border border-ink/20 ${sizes[size]} ${className}`}
      style={{ background: colour }}
    />
  );
}
