import { format, parseISO } from "date-fns";
import { minutesADay } from "@/core/measure/calendar";
import type { PlanDate, PlanDay } from "@/core/plan/planDayTypes";

/** The day of a moment, counted from 1. */
export const dayAt = (time: number): number => Math.floor(time / minutesADay) + 1;

/** `Monday 11 January`, or `Day 1` while the job has no date. */
export const dayTitle = ({ day, date }: PlanDay): string =>
  date === null ? `Day ${day}` : format(parseISO(date), "EEEE d MMMM");

/** `Mon 11 Jan`, or `day 8`. */
export const shortDate = ({ day, date }: PlanDate): string =>
  date === null ? `day ${day}` : format(parseISO(date), "EEE d MMM");
