import { minutesADay } from "@/core/measure/calendar";
import type { PlanDate, PlanDay } from "@/core/job/planDayTypes";

const weekdayNames = {
  mon: "Monday",
  tue: "Tuesday",
  wed: "Wednesday",
  thu: "Thursday",
  fri: "Friday",
  sat: "Saturday",
  sun: "Sunday",
} as const;

const dateFormat = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", timeZone: "UTC" });
const shortFormat = new Intl.DateTimeFormat("en-GB", {
  weekday: "short",
  day: "numeric",
  month: "short",
  timeZone: "UTC",
});

/** The day of a moment, counted from 1. */
export const dayAt = (time: number): number => Math.floor(time / minutesADay) + 1;

/** `Monday 11 January`, or `Day 1` while the job has no date. */
export const dayTitle = ({ day, date, weekday }: PlanDay): string =>
  date === null
    ? `Day ${day}`
    : `${weekdayNames[weekday]} ${dateFormat.format(new Date(`${date}T00:00:00Z`))}`;

/** `Mon 11 Jan`, or `day 8`. */
export const shortDate = ({ day, date }: PlanDate): string =>
  date === null ? `day ${day}` : shortFormat.format(new Date(`${date}T00:00:00Z`)).replace(",", "");
