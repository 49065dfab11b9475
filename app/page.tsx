import { currentStore } from "@/store/currentStore";
import { planOfDocument } from "@/app/planOfDocument";
import { parseJobText } from "@/core/job/parseJob";
import type { Plan } from "@/core/job/planTypes";
import { HomeScreen } from "@/ui/home/HomeScreen";

export default async function HomePage() {
  const { jobs } = await currentStore();
  const list = await jobs.list();
  const tiles = await Promise.all(
    list.map(async ({ id, name, document, updatedAt }) => {
      const { job, plan } = await planOfDocument(document);
      const trouble = plan ? unplannedBecause(plan) : unreadableBecause(document);
      return { id, name, changed: updatedAt.toISOString(), job, plan, trouble };
    }),
  );
  return <HomeScreen jobs={tiles} />;
}

/** Why nothing of a job was worked out; null where it was. */
function unplannedBecause({ walls }: Plan): string | null {
  const stop = walls[0]?.findings.find(({ code }) => code === "cannot-be-planned" || code === "too-much");
  return stop?.say ?? null;
}

function unreadableBecause(document: string): string {
  const parsed = parseJobText(document);
  const problem = parsed.ok ? undefined : parsed.problems[0];
  return `It cannot be read by this version (${problem ? `${problem.path}: ${problem.message}` : "no reason known"}).`;
}
