"use client";

import { format, isValid, parse, parseISO } from "date-fns";
import { CalendarDays } from "lucide-react";
import dynamic from "next/dynamic";
import { Popover } from "radix-ui";
import { useState } from "react";
import { EntryField } from "./EntryField";
import { iconLook } from "./IconButton";

interface Props {
  readonly label: string;
  /** `2027-01-11`; null while there is none. */
  readonly value: string | null;
  readonly onChange: (value: string | null) => string | null;
}

/** What a date may be typed as, the form in which it is shown first. */
const forms = ["d MMM yyyy", "yyyy-MM-dd", "d.M.yyyy", "d/M/yyyy", "d MMMM yyyy"];

const Calendar = dynamic(() => import("./Calendar").then((module) => module.Calendar), { ssr: false });

/** A day, typed or picked in a calendar. */
export function DateField({ label, value, onChange }: Props) {
  const [isOpen, setOpen] = useState(false);
  const onEntry = (typed: string) => {
    if (typed.trim() === "") return onChange(null);
    const date = forms.map((form) => parse(typed.trim(), form, new Date())).find(isValid);
    return date ? onChange(format(date, "yyyy-MM-dd")) : `“${typed}” is not a date, such as 11 Jan 2027.`;
  };
  return (
    <div className="flex items-start">
      <div className="min-w-0 flex-1">
        <EntryField
          label={label}
          shown={value === null ? "" : format(parseISO(value), forms[0]!)}
          onEntry={onEntry}
        />
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
                onChange(format(date, "yyyy-MM-dd"));
                setOpen(false);
              }}
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}
