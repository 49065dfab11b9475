import { parseJobText } from "@/core/job/parseJob";
import { writeOutput, type Wanted } from "@/formats/writeOutput";

/** A job document, and the written form of its plan that is asked for. */
export interface PlanRequest extends Wanted {
  readonly document: string;
}

/** The plan of a document that has been checked, written out. */
export function answerPlan({ document, ...wanted }: PlanRequest): string {
  const parsed = parseJobText(document);
  if (!parsed.ok) throw new Error("the document does not hold");
  return writeOutput(parsed.job, wanted);
}
