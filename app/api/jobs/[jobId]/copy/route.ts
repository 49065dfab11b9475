import { answer, noSuchJob } from "@/app/api/answer";
import { longestJobName } from "@/core/job/schema";
import { refreshTile } from "@/server/tiles";
import { currentStore } from "@/store/currentStore";

/** Makes a job beside another one that begins as that stands. */
export const POST = (_: Request, { params }: { params: Promise<{ jobId: string }> }): Promise<Response> =>
  answer(async () => {
    const { jobs } = await currentStore();
    const job = await jobs.read((await params).jobId);
    if (!job) return noSuchJob();
    const name = `Copy of ${job.name}`.slice(0, longestJobName);
    const document = { ...(JSON.parse(job.document) as object), name };
    const id = await jobs.create(`${JSON.stringify(document, null, 2)}\n`);
    refreshTile(id, 0);
    return Response.json({ id }, { status: 201 });
  });
