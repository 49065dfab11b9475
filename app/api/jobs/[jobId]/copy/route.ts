import { answer, noSuchJob } from "@/app/api/answer";
import { longestJobName } from "@/core/job/schema";
import { renameJob } from "@/formats/renameJob";
import { shorten } from "@/formats/shorten";
import { jobWentOn } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";

/** Makes a job beside another one that begins as that stands. */
export const POST = (_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> =>
  answer(async () => {
    const { jobs } = await currentStore();
    const job = await jobs.read((await params).jobId);
    if (!job) return noSuchJob();
    const name = shorten(`Copy of ${job.name}`, longestJobName);
    const id = await jobs.create(renameJob(job.document, name));
    jobWentOn(id, 0);
    return Response.json({ id }, { status: 201 });
  });
