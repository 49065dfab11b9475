import type { School } from "../rounds/listPasses";
import { plan } from "./plan";
import type { Job } from "./schema";

/** What a job comes to with so many pairs of hands, in one of the schools of rounds. */
export interface ComparedCrew {
  readonly crew: number;
  readonly school: School;
  /** Counted from the first day on. */
  readonly lastDay: number;
  /** Of all hands together, setting up and closing with it. */
  readonly minutes: number;
}

/** More hands than this stand in each other's way in one room. */
const mostHands = 4;

/** Days against hours: the job planned anew for one pair of hands to four, in both schools; none where the air forbids painting. */
export function compareCrews(job: Job): ComparedCrew[] {
  return Array.from({ length: mostHands }, (_, index) => index + 1).flatMap((crew) =>
    plan({ ...job, work: { ...job.work, crew } }).schools.flatMap(({ school, lastDay, minutes }) =>
      lastDay === null || minutes === null ? [] : [{ crew, school, lastDay, minutes }],
    ),
  );
}
