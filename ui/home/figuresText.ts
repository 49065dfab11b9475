import { format, parseISO } from "date-fns";
import type { TileFigures } from "@/formats/jobTile";

const counted = (count: number, thing: string) => `${count} ${count === 1 ? thing : `${thing}s`}`;

/** What a job comes to, thing by thing, as far as that has been worked out. */
export function figuresTexts(figures: TileFigures | null, isFresh: boolean, changed: Date): string[] {
  const date = `changed ${format(changed, "d MMM yyyy")}`;
  if (!figures) return ["being worked out", date];
  return [
    counted(figures.walls, "wall"),
    ...(figures.days === null ? [] : [counted(figures.days, "day")]),
    ...(figures.stops > 0
      ? [`${figures.stops} to mend first`]
      : figures.toDecide > 0
        ? [`${figures.toDecide} to decide`]
        : []),
    ...(isFresh ? [] : ["being worked out again"]),
    date,
  ];
}

/** What is due on a day, or next: when, and then what. */
export function dueText({ agenda, days }: TileFigures, today: string): string[] {
  if (!agenda || days === null) return [];
  const last = agenda.at(-1);
  if (!last) return ["No first day set"];
  const date = (of: string) => format(parseISO(of), "EEE d MMM");
  const next = agenda.find((day) => day.date >= today);
  if (!next) return [`Planned to end on ${date(last.date)}`];
  if (next.date === today) return [`Today at ${next.from}:`, next.what];
  const isUnderWay = agenda[0]!.date < today;
  const waits = isUnderWay && next.waits ? `${next.waits}. ` : "";
  return [`${waits}Next, ${date(next.date)} at ${next.from}:`, next.what];
}
