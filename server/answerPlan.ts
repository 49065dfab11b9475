import { parseJobText } from "@/core/job/parseJob";
import { drawTile, tileFigures } from "@/formats/jobTile";
import { planOf, writeOutput, type Wanted } from "@/formats/writeOutput";

/** A job document, and the written form of its plan that is asked for: one that is given out, what the list of jobs shows, or only what is wrong with it. */
export type PlanRequest = { readonly document: string } & (
  Wanted | ({ readonly format: "tile" } & Pick<Wanted, "from">) | { readonly format: "check" }
);

/** The plan of a document that has been checked, written out. */
export function answerPlan(request: PlanRequest): string {
  const parsed = parseJobText(request.document);
  if (request.format === "check") return JSON.stringify(parsed.ok ? [] : parsed.problems);
  if (!parsed.ok) throw new Error("the document does not hold");
  const { job } = parsed;
  if (request.format !== "tile") return writeOutput(job, request);
  const whole = planOf(job, request.from);
  return JSON.stringify({ figures: JSON.stringify(tileFigures(job, whole)), picture: drawTile(job, whole) });
}
