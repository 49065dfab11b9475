import { formatVolume } from "@/core/measure/formatLength";
import type { Job } from "@/core/job/schema";
import { isOf } from "@/core/trade/materials";
import type { Plan, PlanMix } from "@/core/plan/planTypes";

/** What stands on the label of a batch. */
export interface Label {
  readonly key: string;
  readonly name: string;
  readonly batch: string;
  readonly where: string;
  readonly recipe: string;
  readonly notes: readonly string[];
}

/** A label for each batch of a mix: what is in it, for what, made when, which of how many, how it is stirred and kept. */
export function labelsOf(job: Job, plan: Plan, mix: PlanMix): Label[] {
  const paint = job.paints.find(({ id }) => id === mix.paint)!;
  const nameOf = (id: string | undefined) =>
    id === undefined ? "water" : (job.paints.find((one) => one.id === id)?.name ?? id);
  const wallName = (id: string) => job.walls.find((wall) => wall.id === id)?.name ?? id;
  const made = plan.batches?.filter((one) => one.mix === mix.paint) ?? [];
  const count = Math.max(mix.batches, ...made.map(({ n }) => n));
  const used = plan.paint.find(({ colour }) => colour === mix.paint)?.walls.map(({ wall }) => wall) ?? [];
  return Array.from({ length: count }, (_, index): Label => {
    const n = index + 1;
    const own = made.find((one) => one.n === n);
    const walls = mix.breaks?.[index]?.walls ?? used;
    const parts = own?.parts ?? mix.each;
    const ml = parts.reduce((sum, part) => sum + part.ml, 0);
    return {
      key: `${mix.paint} ${n}`,
      name: `${paint.name}, ${paint.sheen}`,
      batch: `batch ${n} of ${count}`,
      where: `${job.name}: ${walls.map(wallName).join(", ")}`,
      recipe: `${parts.map(({ paint: part, measure }) => `${measure} ${nameOf(part)}`).join(" + ")} = ${formatVolume(ml, job.volumes)}`,
      notes: [
        own ? `Made ${own.at.replace("T", ", ")} by ${own.by}` : "Made ____________ by ____________",
        isOf(paint.material, "settles")
          ? "It settles: stir to the bottom before each pour, and as often as its step says."
          : "Stir to the bottom before each pour.",
        ...(count > 1 && !mix.breaks
          ? ["Boxed: half of it goes into each of the others before any is used."]
          : []),
        own?.useBy ? `Use by ${own.useBy}` : "Use by ____________",
        ...(own?.overLimit || (!own && mix.overLimit)
          ? ["More tint than the base's label allows: repeat exactly, let it cure longer."]
          : []),
      ],
    };
  });
}
