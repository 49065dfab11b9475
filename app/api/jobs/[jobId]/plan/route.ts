import { planTextOf } from "@/app/planOfDocument";
import { answer, noSuchJob, refuse } from "@/app/api/answer";
import { parseMoment } from "@/core/journal/moment";
import { keptJournal } from "@/server/longJournals";
import { currentStore } from "@/store/currentStore";

/** The plan of a job: the same bytes that the command line prints. `?now=MOMENT`: from then on, by what happened. */
export const GET = (
  request: Request,
  { params }: { params: Promise<{ jobId: string }> },
): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const now = new URL(request.url).searchParams.get("now");
    if (now !== null && !parseMoment(now))
      return refuse(400, "expected a moment like 2027-01-12T11:20", "now");
    const { jobs, journal } = await currentStore();
    const job = await jobs.read(jobId);
    if (!job) return noSuchJob();
    const from =
      now === null ? undefined : { journal: (await keptJournal(journal, jobId)).text, moment: now };
    const planned = await planTextOf(job.document, request.signal, from);
    if ("problems" in planned) return Response.json({ problems: planned.problems }, { status: 422 });
    return new Response(planned.text, { headers: { "content-type": "application/json; charset=utf-8" } });
  });
