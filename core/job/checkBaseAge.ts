import type { Finding } from "../findings/finding";
import { lowTackDays, washableDays } from "../trade/constants";
import type { Wall } from "../wall/schema";
import { minutesADay } from "../measure/calendar";

/** A base that is too young for soap, or for tape as it is sold. */
export function checkBaseAge({ baseAge }: Pick<Wall, "baseAge">): Finding[] {
  if (baseAge === undefined || baseAge >= lowTackDays * minutesADay) return [];
  const values = { ageMin: baseAge, isWashed: baseAge >= washableDays * minutesADay };
  return [{ code: "base-too-young", severity: "check", values, at: null }];
}
