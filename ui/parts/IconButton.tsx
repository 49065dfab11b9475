import type { ButtonHTMLAttributes, ReactNode } from "react";

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** What it does, for those who listen and for the hint. */
  readonly label: string;
  /** The key that does the same. */
  readonly hint?: string;
  readonly children: ReactNode;
}

export const iconLook =
  "inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-violet-wash disabled:opacity-35";

/** A button of an icon alone, with its name as a hint. */
export function IconButton({ label, hint, children, className = "", ...rest }: Props) {
  return (
    <button
      type="button"
      aria-label={label}
      data-hint={hint ? `${label} (${hint})` : label}
      className={`${iconLook} ${className}`}
      {...rest}
    >
      {children}
    </button>
  );
}
