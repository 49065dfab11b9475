"use client";

import { Swatch } from "./Swatch";
import { ChevronDown } from "lucide-react";
import { Collapsible } from "radix-ui";
import type { ReactNode } from "react";
import { Measure } from "./Measure";
import { useFolds } from "./useFolds";

interface Props {
  /** What it is remembered by: "buy/paints". */
  readonly name: string;
  readonly title: string;
  /** What it comes to, in sight also while it is folded. */
  readonly sum?: string;
  readonly swatch?: string;
  /** What can be done here, beside the title. */
  readonly action?: ReactNode;
  /** Whether it starts folded. */
  readonly isFolded?: boolean;
  readonly children: ReactNode;
}

/** A part of a card that folds, and stays as it was left. */
export function Section({ name, title, sum, swatch, action, isFolded = false, children }: Props) {
  const isOpen = useFolds(({ open }) => open[name]) ?? !isFolded;
  const setOpen = useFolds((folds) => folds.setOpen);
  return (
    <Collapsible.Root open={isOpen} onOpenChange={(open) => setOpen(name, open)} asChild>
      <section id={name} aria-label={title} className="border-t border-hairline [header+&]:border-t-0">
        <div className="flex min-h-11 items-center gap-2">
          <h3 className="min-w-0 flex-1 font-sans text-base">
            <Collapsible.Trigger className="group flex min-h-11 w-full items-center gap-2 text-left">
              <ChevronDown
                size={16}
                aria-hidden
                className="shrink-0 text-soft group-data-[state=closed]:-rotate-90"
              />
              <Swatch colour={swatch} size={5} />
              <span className="min-w-0 flex-1 font-semibold">{title}</span>
              {sum && (
                <span className="text-[0.9375rem] text-soft">
                  <Measure>{sum}</Measure>
                </span>
              )}
            </Collapsible.Trigger>
          </h3>
          {action}
        </div>
        <Collapsible.Content className="pb-3">{children}</Collapsible.Content>
      </section>
    </Collapsible.Root>
  );
}
