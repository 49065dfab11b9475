import { parseJobText } from "@/core/job/parseJob";
import { writeOutput, type OutputFormat, type Sheet } from "@/formats/writeOutput";
import { currentStore } from "@/store/currentStore";

const types = { json: "application/json", csv: "text/csv", ics: "text/calendar" } as const;

/** A saved job's plan in one of its written forms, as a file to keep. */
export async function sendExport(jobId: string, format: OutputFormat, sheet: Sheet): Promise<Response> {
  const saved = await (await currentStore()).jobs.read(jobId);
  if (!saved)
    return Response.json({ problems: [{ path: "", message: "there is no such job" }] }, { status: 404 });
  const parsed = parseJobText(saved.document);
  if (!parsed.ok) return Response.json({ problems: parsed.problems }, { status: 422 });
  const text = writeOutput(parsed.job, { format, sheet, now: Date.now() });
  return new Response(text, {
    headers: {
      "content-type": `${types[format]}; charset=utf-8`,
      "content-disposition": `attachment; filename="${sheet}.${format}"`,
    },
  });
}
