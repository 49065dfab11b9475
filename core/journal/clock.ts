import { minutesADay } from "../measure/calendar";
import { formatMoment, parseMoment } from "./moment";

/** A clock that is off by no more is left alone, ms. */
const leastOffMs = 2000;
const minuteMs = 60_000;

/** How far a clock is behind another that is taken for right, ms; 0 where that is nothing to speak of. */
export const behindMs = (told: number, right: number): number =>
  Math.abs(right - told) > leastOffMs ? right - told : 0;

/** An instant, ms since 1970, by a clock as far from UTC as the one that told a moment. */
export function clockAt(ms: number, like: string): string {
  const moment = parseMoment(like);
  return moment ? laterBy(like, ms - moment.instant * minuteMs) : like;
}

/** A moment so much later, told with the offset that it has. */
export function laterBy(at: string, ms: number): string {
  const moment = parseMoment(at);
  if (!moment || ms === 0) return at;
  const offset = /(Z|[+-]\d\d:\d\d)$/.exec(at)?.[0] ?? "";
  const minutes = moment.day * minutesADay + moment.minutes + ms / minuteMs;
  const day = Math.floor(minutes / minutesADay + 1e-12);
  const ofDay = minutes - day * minutesADay;
  const [whole = "0", part = "0"] = Math.max(0, (ofDay - Math.floor(ofDay + 1e-9)) * 60)
    .toFixed(3)
    .split(".");
  const fraction = part.replace(/0+$/, "");
  const seconds = `${whole.padStart(2, "0")}${fraction && `.${fraction}`}`;
  return `${formatMoment(day, ofDay + 1e-9)}:${seconds}${offset}`;
}
