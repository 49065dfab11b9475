import { parseJobText } from "@/core/job/parseJob";
import type { OutputFormat, CsvTable } from "@/formats/writeOutput";
import { currentPlanner } from "@/server/currentPlanner";
import { fromHere } from "@/server/fromHere";
import { currentStore } from "@/store/currentStore";
import { answer, noSuchJob } from "@/app/api/answer";

const types = {
  json: "application/json",
  csv: "text/csv",
  ics: "text/calendar",
  svg: "image/svg+xml",
} as const;

/** A saved job's plan in one of its written forms, as a file to keep. */
export const sendExport = (
  request: Request,
  jobId: string,
  format: OutputFormat,
  sheet: CsvTable,
): Promise<Response> =>
  answer(async () => {
    const { jobs, journal } = await currentStore();
    const saved = await jobs.read(jobId);
    if (!saved) return noSuchJob();
    const parsed = parseJobText(saved.document);
    if (!parsed.ok) return Response.json({ problems: parsed.problems }, { status: 422 });
    const from = await fromHere(journal, jobId, { isWhole: sheet === "journal" });
    const wanted = { document: saved.document, format, sheet, now: Date.now(), ...(from && { from }) };
    const text = await currentPlanner().plan(wanted, request.signal);
    return new Response(text, {
      headers: {
        "content-type": `${types[format]}; charset=utf-8`,
        "content-disposition": `attachment; filename="${sheet}.${format}"`,
      },
    });
  });
