import { formatTin } from "@/core/measure/formatLength";
import type { Plan } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { csvOf, rounded } from "./csv";

/** What is to be bought: one line a tin size of a paint, then the sundries. */
export function shoppingCsv(job: Job, plan: Plan): string {
  const paints = plan.paint.flatMap(({ colour, packs }) => {
    const { name, hex, sheen } = job.paints.find(({ id }) => id === colour)!;
    return packs.map(({ size_ml, count, price }) => [
      name,
      `${sheen}, ${hex}`,
      formatTin(size_ml),
      count,
      price,
      price === null ? null : rounded(price * count, 2),
    ]);
  });
  const sundries = plan.sundries
    .filter(({ buy }) => buy > 0)
    .map(({ name, why, buy, price, cost }) => [
      name,
      why,
      null,
      buy,
      price,
      price === null ? null : rounded(cost, 2),
    ]);
  return csvOf(
    ["thing", "which", "size", "count", `price ${job.currency}`, `cost ${job.currency}`],
    [...paints, ...sundries],
  );
}
