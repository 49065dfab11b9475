import { format, parseISO } from "date-fns";
import type { JobOnHome } from "./jobOnHome";

/** What a job comes to, in one line, as far as that has been worked out. */
export function figuresText({ figures, isFresh, changed }: JobOnHome): string {
  const date = `changed ${format(parseISO(changed), "d MMM yyyy")}`;
  if (!figures) return `being worked out, ${date}`;
  const counted = (count: number, thing: string) => `${count} ${count === 1 ? thing : `${thing}s`}`;
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
  ].join(", ");
}
