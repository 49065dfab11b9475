"use client";

import { Popover } from "radix-ui";
import { useMemo } from "react";

/** What a thing is, beside it. */
export function Hint({ at }: { at: HTMLElement }) {
  const anchor = useMemo(() => ({ current: at }), [at]);
  const stay = (event: Event) => event.preventDefault();
  return (
    <Popover.Root open>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        <Popover.Content
          role="tooltip"
          side="top"
          sideOffset={4}
          collisionPadding={8}
          // It only tells: the focus stays where it is, and what is pressed under it is pressed.
          onOpenAutoFocus={stay}
          onCloseAutoFocus={stay}
          onEscapeKeyDown={stay}
          onInteractOutside={stay}
          className="pointer-events-none z-50 max-w-64 rounded-md bg-ink px-2.5 py-1.5 text-sm text-paper"
        >
          {at.dataset.hint}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
