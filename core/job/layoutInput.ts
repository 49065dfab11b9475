import type { FinishContext } from "../finishes/defineFinish";
import type { Under } from "../tape/sealEdge";
import type { Edges } from "../tape/schema";
import type { Groups } from "../rounds/groupRegions";
import { marksUnderTape } from "../trade/materials";
import type { Wall } from "../wall/schema";
import type { Job } from "./schema";

/** What of a paint laying out looks at: which is lighter, and which tape marks, orders the rounds, and varnish is offered where it is of that material. */
interface LaidPaint extends Pick<Job["paints"][number], "id" | "hex" | "material"> {
  readonly marks: boolean;
}

const laidPaintsOf = ({ paints }: Job): LaidPaint[] =>
  paints.map((paint) => ({
    id: paint.id,
    hex: paint.hex,
    material: paint.material,
    marks: marksUnderTape(paint),
  }));

/** All of a job that laying out walls that hang together may look at: what is kept of that is kept by exactly this. */
export interface LayoutInput extends FinishContext {
  readonly walls: readonly Wall[];
  readonly runs: Job["runs"];
  readonly finishes: Job["finishes"];
  readonly paints: readonly LaidPaint[];
}

export function layoutInputOf(job: Job, walls: readonly Wall[]): LayoutInput {
  const ids = new Set(walls.map(({ id }) => id));
  const runs = job.runs.filter((run) => run.walls.some((id) => ids.has(id)));
  const places = new Set([...ids, ...runs.map(({ id }) => id)]);
  return {
    walls,
    runs,
    finishes: job.finishes.filter((finish) => places.has(finish.on)),
    paints: laidPaintsOf(job),
    stencils: job.stencils,
    tapeDivision: job.tapeDivision,
    viewingDistance: job.viewingDistance,
    edges: { markAt: job.edges.markAt, tapes: job.edges.tapes },
    work: { rates: job.work.rates },
  };
}

/** What taping walls that are laid out looks at beside them. */
export interface TapingInput {
  readonly edges: Edges;
  readonly paints: readonly Pick<LaidPaint, "id" | "hex">[];
  /** What masks at the ceiling of each wall lie on; null where nothing is told of it. */
  readonly ceilings: readonly (Under | null)[];
  /** The groups of each wall's regions, in the rounds of the whole job. */
  readonly groups: readonly Groups[];
}

export const tapingInputOf = (job: Job, walls: readonly Wall[], groups: readonly Groups[]): TapingInput => ({
  edges: job.edges,
  paints: job.paints.map(({ id, hex }) => ({ id, hex })),
  ceilings: walls.map((wall) => ceilingOver(job, wall)),
  groups,
});

function ceilingOver(job: Job, wall: Wall): Under | null {
  const told = wall.ceiling ?? job.ceiling;
  if (!told) return null;
  const paint = job.paints.find(({ id }) => id === told.colour);
  return {
    texture: told.texture,
    paint: paint?.id ?? null,
    isToBeHad: paint !== undefined && (paint.onHandMl > 0 || paint.packs.some(({ inStock }) => inStock)),
  };
}
