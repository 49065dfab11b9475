"use client";

import { format } from "date-fns";
import { DayPicker } from "react-day-picker";

interface Props {
  readonly value: Date | undefined;
  readonly onPick: (date: Date) => void;
}

const cell = "size-10 rounded-md";

/** A month of days to pick one of. */
export function Calendar({ value, onPick }: Props) {
  return (
    <DayPicker
      mode="single"
      required
      autoFocus
      weekStartsOn={1}
      selected={value}
      defaultMonth={value}
      onSelect={onPick}
      // Called as it is written, its figure first.
      labels={{ labelDayButton: (date) => format(date, "d MMMM yyyy, EEEE") }}
      classNames={{
        months: "relative",
        month_caption: "flex h-10 items-center pl-2 font-display text-lg font-bold",
        nav: "absolute top-0 right-0 flex",
        button_previous: `${cell} flex items-center justify-center hover:bg-violet-wash`,
        button_next: `${cell} flex items-center justify-center hover:bg-violet-wash`,
        weekday: "size-10 text-sm font-semibold text-soft",
        day: "p-0 text-center",
        day_button: `${cell} hover:bg-violet-wash`,
        selected: "[&>button]:bg-violet [&>button]:text-on-fill",
        today: "font-bold text-violet",
        outside: "text-soft",
        chevron: "size-5 fill-soft",
      }}
    />
  );
}
