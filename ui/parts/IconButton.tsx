"use client";

import { Tooltip } from "radix-ui";
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
    <Hint text={hint ? `${label} (${hint})` : label}>
      <button type="button" aria-label={label} className={`${iconLook} ${className}`} {...rest}>
        {children}
      </button>
    </Hint>
  );
}

/** What a thing is, shown when it is pointed at or has the focus. */
export function Hint({ text, children }: { text: string; children: ReactNode }) {
  return (
    <Tooltip.Provider delayDuration={350}>
      <Tooltip.Root>
        <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
        <Tooltip.Portal>
          <Tooltip.Content
            sideOffset={4}
            collisionPadding={8}
            className="z-50 max-w-64 rounded-md bg-ink px-2.5 py-1.5 text-sm text-paper"
          >
            {text}
          </Tooltip.Content>
        </Tooltip.Portal>
      </Tooltip.Root>
    </Tooltip.Provider>
  );
}
