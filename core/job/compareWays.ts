import { finishOf } from "../finishes/registry";
import { sheetsAtHand } from "../stencil/library";
import { plan } from "./plan";
import { finishSchema, type Job } from "./schema";

/** What a way to come to a look takes on its walls, done by itself. */
export interface ComparedWay {
  readonly name: string;
  /** Of hands, setting up and closing with it, min; null where the days cannot be planned. */
  readonly minutes: number | null;
  readonly days: number | null;
  /** Paint and what else is bought, of what has a price. */
  readonly cost: number;
  /** Tins and things that no price is known of. */
  readonly unpriced: number;
}

/** A finish beside other ways to come to much the same look, each planned by itself on the same walls; the present one first. */
export function compareWays(job: Job, finishId: string): ComparedWay[] {
  const finish = job.finishes.find(({ id }) => id === finishId);
  const ways = finish && finishOf(finish.kind).otherWays?.(finish);
  if (!finish || !ways) return [];
  const runs = job.runs.filter(({ id }) => id === finish.on);
  const ids = runs[0]?.walls ?? [finish.on];
  const walls = job.walls.filter(({ id }) => ids.includes(id));
  const stencils = sheetsAtHand(job.stencils);
  return ways.flatMap(({ name, finish: instead }): ComparedWay[] => {
    const laid = instead && finishSchema.safeParse(instead);
    if (laid && !laid.success) return [];
    const alone = laid ? { walls, finishes: [laid.data] } : { walls: walls.map(painted), finishes: [] };
    const { work, cost } = plan({ ...job, stencils, runs, ...alone });
    return [
      {
        name,
        minutes: work?.minutes ?? null,
        days: work?.days ?? null,
        cost: cost.total,
        unpriced: cost.unpriced,
      },
    ];
  });
}

const painted = <Wall extends Job["walls"][number]>(wall: Wall): Wall => ({ ...wall, baseState: "paint" });
