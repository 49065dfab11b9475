import type { Job } from "./schema";
import type { Spoken } from "./speechOf";
import type { Taping } from "./describeTape";

type Paces = Pick<Job["work"]["rates"], "taping_m_min" | "crossing_min">;

/** All of a job that the telling of a wall looks at beside the wall itself: units, names, readings, edges, paces. */
export interface TellingInput extends Spoken, Pick<Job, "tapeDivision" | "viewingDistance" | "edges"> {
  readonly work: { readonly rates: Paces };
  /** The rounds: the tape of a wall is told as it lies in each of them. */
  readonly rounds: readonly {
    readonly round: number;
    readonly group: number;
    readonly coat?: number;
    readonly paints: readonly string[];
  }[];
}

export function tellingInputOf(job: Job, { rounds }: Taping): TellingInput {
  const { units, volumes, currency, tapeDivision, viewingDistance, edges, work } = job;
  const { taping_m_min, crossing_min } = work.rates;
  return {
    units,
    volumes,
    currency,
    tapeDivision,
    viewingDistance,
    edges,
    paints: job.paints.map(({ id, name }) => ({ id, name })),
    walls: job.walls.map(({ id, name }) => ({ id, ...(name !== undefined && { name }) })),
    work: { rates: { taping_m_min, crossing_min } },
    rounds: rounds.map(({ round, group, coat, paints }) => ({
      round,
      group,
      ...(coat !== undefined && { coat }),
      paints: [...paints.keys()],
    })),
  };
}
