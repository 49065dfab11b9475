import { planTextOf } from "@/app/planOfDocument";
import { answer, noSuchJob } from "@/app/api/answer";
import { currentStore } from "@/store/currentStore";

/** The plan of a job: the same bytes that the command line prints. */
export const GET = (
  request: Request,
  { params }: { params: Promise<{ jobId: string }> },
): Promise<Response> =>
  answer(async () => {
    const { jobId } = await params;
    const job = await (await currentStore()).jobs.read(jobId);
    if (!job) return noSuchJob();
    const planned = await planTextOf(job.document, request.signal);
    if ("problems" in planned) return Response.json({ problems: planned.problems }, { status: 422 });
    return new Response(planned.text, { headers: { "content-type": "application/json; charset=utf-8" } });
  });
