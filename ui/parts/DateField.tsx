"use client";

import { parseISO } from "date-fns";
import { CalendarDays } from "lucide-react";
import dynamic from "next/dynamic";
import { Popover } from "radix-ui";
import { useState } from "react";
import { EntryField } from "./EntryField";
import { iconLook } from "./IconButton";
import { readDate, showDate, writeDate } from "./dates";

interface Props {
  readonly label: string;
  /** `2027-01-11`; null while there is none. */
  readonly value: string | null;
  readonly onChange: (value: string | null) => string | null;
}

const Calendar = dynamic(() => import("./Calendar").then((module) => module.Calendar), { ssr: false });

/** A day, typed or picked in a calendar. */
export function DateField({ label, value, onChange }: Props) {
  const [isOpen, setOpen] = useState(false);
  const onEntry = (typed: string) => {
    if (typed.trim() === "") return onChange(null);
    const date = readDate(typed);
    return date ? onChange(writeDate(date)) : `“${typed}” is not a date, such as 11 Jan 2027.`;
  };
  return (
    <div className="flex items-start">
      <div className="min-w-0 flex-1">
        <EntryField label={label} shown={value === null ? "" : showDate(value)} onEntry={onEntry} />
      </div>
      <Popover.Root open={isOpen} onOpenChange={setOpen}>
        <Popover.Trigger className={`${iconLook} mt-6 w-9`} aria-label={`${label}: pick it in a calendar`}>
          <CalendarDays size={18} aria-hidden />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="end"
            sideOffset={4}
            collisionPadding={8}
            aria-label={label}
            className="z-50 rounded-md border border-ink bg-card p-3"
          >
            <Calendar
              value={value === null ? undefined : parseISO(value)}
              onPick={(date) => {
                onChange(writeDate(date));
                setOpen(false);
              }}
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}
