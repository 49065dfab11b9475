import { notFound, redirect } from "next/navigation";
import { parseJobText } from "@/core/job/parseJob";
import { currentStore } from "@/store/currentStore";

export default async function JobPage({ params }: { params: Promise<{ jobId: string }> }) {
  const { jobId } = await params;
  const job = await (await currentStore()).jobs.read(decodeURIComponent(jobId));
  if (!job) notFound();
  const parsed = parseJobText(job.document);
  const first = parsed.ok ? parsed.job.walls[0] : undefined;
  redirect(first ? `/jobs/${jobId}/${encodeURIComponent(first.id)}/pattern` : `/jobs/${jobId}/add-wall`);
}
