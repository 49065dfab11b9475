import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Plan } from "@/core/job/planTypes";
import type { Job } from "@/core/job/schema";

/** A saved document parsed and planned on the server; null for one that an older program let through. */
export function planOfDocument(document: string): { job: Job; plan: Plan } | { job: null; plan: null } {
  const parsed = parseJobText(document);
  return parsed.ok ? { job: parsed.job, plan: plan(parsed.job) } : { job: null, plan: null };
}
