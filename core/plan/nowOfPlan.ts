import { dayNumberOf, minutesADay } from "../measure/calendar";
import type { Plan } from "./planTypes";

/** The moment from which a plan was made, in minutes from midnight before its first day; null for a plan of a job that has not begun. */
export function nowOfPlan({ now, days }: Pick<Plan, "now" | "days">): number | null {
  const [day, time] = now?.split("T") ?? [];
  const first = days[0];
  const firstDate = first?.date ? dayNumberOf(first.date) : null;
  const date = day === undefined ? null : dayNumberOf(day);
  if (time === undefined || date === null || firstDate === null) return null;
  const [hours, minutes] = [Number(time.slice(0, 2)), Number(time.slice(3, 5))];
  return (date - firstDate + first!.day - 1) * minutesADay + hours * 60 + minutes;
}
