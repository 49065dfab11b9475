import { planText } from "@/core/job/planText";
import { currentStore } from "@/store/currentStore";

/** The plan of a job: the same bytes that the command line prints. */
export async function GET(_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> {
  const { jobId } = await params;
  const job = await (await currentStore()).jobs.read(jobId);
  if (!job)
    return Response.json({ problems: [{ path: "", message: "there is no such job" }] }, { status: 404 });
  const answer = planText(job.document);
  if (!answer.ok) return Response.json({ problems: answer.problems }, { status: 422 });
  return new Response(answer.text, { headers: { "content-type": "application/json; charset=utf-8" } });
}
