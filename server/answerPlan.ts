import { parseJobText } from "@/core/job/parseJob";
import { planOrStop } from "@/core/job/plan";
import { drawTile, tileFigures } from "@/formats/jobTile";
import { writeOutput, type Wanted } from "@/formats/writeOutput";

/** A job document, and the written form of its plan that is asked for: one that is given out, what the list of jobs shows, or only what is wrong with it. */
export type PlanRequest = { readonly document: string } & (Wanted | { readonly format: "tile" | "check" });

/** The plan of a document that has been checked, written out. */
export function answerPlan({ document, ...wanted }: PlanRequest): string {
  const parsed = parseJobText(document);
  if (isCheck(wanted)) return JSON.stringify(parsed.ok ? [] : parsed.problems);
  if (!parsed.ok) throw new Error("the document does not hold");
  const { job } = parsed;
  if (!isTile(wanted)) return writeOutput(job, wanted);
  const whole = planOrStop(job);
  return JSON.stringify({ figures: JSON.stringify(tileFigures(job, whole)), picture: drawTile(job, whole) });
}

type Asked = Wanted | { readonly format: "tile" | "check" };
const isCheck = (asked: Asked): boolean => asked.format === "check";
const isTile = (asked: Asked): asked is { readonly format: "tile" | "check" } =>
  asked.format === "tile" || asked.format === "check";
